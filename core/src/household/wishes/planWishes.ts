/** What a floor plan shows and people ask for, that no list of things on it says. */
export const PLAN_WISHES = {
  bedroomDoor: 'A bedroom that shuts with a door',
  bedroomCurtain: 'A bedroom behind a curtain',
  bunkRoomDoor: 'A bunk room that shuts with a door',
  dryBath: 'A dry bath',
  splitBath: 'A split bath',
  bathDoor: 'A bath that shuts with a door',
  walkAroundBed: 'A walk-around bed',
  tvFromSeat: 'A TV in sight of a seat',
  tvFromBed: 'A TV in sight of a bed',
} as const
export type PlanWish = keyof typeof PLAN_WISHES

/** Of what has a figure, from where on: as people say it, and the figure. */
export const PLAN_FIGURES = {
  longestCounter: { label: 'A clear counter of', unit: 'in', steps: [24, 36, 48, 60, 72] },
  dogCrate: { label: 'Room for a dog crate of', unit: 'in', steps: [24, 30, 36, 42, 48] },
  bunkLength: { label: 'A bunk of', unit: 'in', steps: [70, 74, 78, 80] },
  bunkLimit: { label: 'A bunk that carries', unit: 'lb', steps: [150, 200, 250, 300] },
} as const
export type PlanFigure = keyof typeof PLAN_FIGURES

/** `42 in` of a figure as its number. */
export const stepOf = (is: string): number => Number(is.split(' ')[0])
