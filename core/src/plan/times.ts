import { BERTH_KINDS, FIXTURE_KINDS } from '../readings/catalogue'
import type { Berth, CanvasEnd, Fixture, Plan, Side, Slide } from './plan'
import { bounds, moved, type Bounds, type Point, type Shape } from './shape/shape'

/** The three times of day a plan can be seen in. */
export const TIMES = ['parked', 'night', 'road'] as const
export type TimeOfDay = (typeof TIMES)[number]

/** Something that takes up room at one time of day, where it then is. */
export interface Body {
  id: string
  shape: Shape
  /** Height above the floor from and to, inches. */
  band: readonly [number, number]
  fixture?: Fixture
  berth?: Berth
}

/**
 * What stands where at a time of day. Parked: slides out, nothing made up. Night: the conversions named
 * in `made` replace what they use. Road: slides in, canvas folded away.
 */
export function bodiesAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Body[] {
  const conversions = time === 'night' ? plan.conversions.filter(({ id }) => made.includes(id)) : []
  const gone = new Set(conversions.flatMap(({ uses, takes }) => [...uses, ...takes]))
  const fixtures = plan.fixtures
    .filter(({ id }) => !gone.has(id))
    .map((fixture): Body => ({
      id: fixture.id,
      shape: fixture.shape,
      band: fixture.band ?? FIXTURE_KINDS[fixture.kind].band,
      fixture,
    }))
  const berths = plan.berths
    .filter((berth) =>
      berth.conversion ? conversions.some(({ id }) => id === berth.conversion) : !(time === 'road' && berth.canvasEnd),
    )
    .map((berth): Body => ({ id: berth.id, shape: berth.shape, band: BERTH_KINDS[berth.kind].band, berth }))
  return [...fixtures, ...berths].map((body) => (time === 'road' ? ridingIn(plan, body) : body))
}

/** Floor to stand on: the inside of the box, and of each slide that is out. */
export function floorAt(plan: Plan, time: TimeOfDay): Bounds[] {
  return [inside(plan), ...(time === 'road' ? [] : plan.slides.map((slide) => bay(plan, slide)))]
}

/** The inside of the box. */
export function inside({ box }: Plan): Bounds {
  return { x0: box.wall, y0: box.wall, x1: box.length - box.wall, y1: box.width - box.wall }
}

/** Where a slide or a canvas end is when it is out, from the inside face of its wall. */
export function bay(plan: Plan, { wall, start, length, depth }: Slide | CanvasEnd): Bounds {
  const { x0, y0, x1, y1 } = inside(plan)
  const end = start + length
  if (wall === 'off-door') return { x0: start, x1: end, y0: y0 - depth, y1: y0 }
  if (wall === 'door') return { x0: start, x1: end, y0: y1, y1: y1 + depth }
  if (wall === 'front') return { y0: start, y1: end, x0: x0 - depth, x1: x0 }
  return { y0: start, y1: end, x0: x1, x1: x1 + depth }
}

const INWARD: Record<Side, Point> = { 'off-door': [0, 1], door: [0, -1], front: [1, 0], rear: [-1, 0] }

function ridingIn(plan: Plan, body: Body): Body {
  const slideId = body.fixture?.slide ?? body.berth?.slide
  const slide = plan.slides.find(({ id }) => id === slideId)
  return slide ? { ...body, shape: moved(body.shape, ...travelOf(slide)) } : body
}

/** How far a slide and all that rides in it moves when it is run in, inches along x and y. */
export function travelOf({ wall, depth }: Slide): Point {
  const [dx, dy] = INWARD[wall]
  return [dx * depth, dy * depth]
}

/** A quarter inch: what a tape cannot tell apart. */
export const TAPE = 0.26

/** Fixtures and berths that stick out of the room they may stand in, and by how many inches. */
export function strays(plan: Plan): { list: 'fixtures' | 'berths'; id: string; shape: Shape; inches: number }[] {
  return (['fixtures', 'berths'] as const).flatMap((list) =>
    (plan[list] as (Fixture | Berth)[]).flatMap((one) => {
      const carriers = [...plan.slides, ...plan.canvasEnds].filter(
        ({ id }) => id === one.slide || ('canvasEnd' in one && id === one.canvasEnd),
      )
      const by = outsideBy(plan, one.shape, carriers)
      return by > TAPE ? [{ list, id: one.id, shape: one.shape, inches: by }] : []
    }),
  )
}

/** How far a shape sticks out of the room it may stand in, inches; 0 when it is inside. */
export function outsideBy(plan: Plan, shape: Shape, carriers: readonly (Slide | CanvasEnd)[]): number {
  const own = bounds(shape)
  const frame = inside(plan)
  const beyond = (wall: Side, amount: number): number => {
    if (amount <= 0) return 0
    const carrier = carriers.find((candidate) => candidate.wall === wall)
    if (!carrier) return amount
    const room = bay(plan, carrier)
    const past = {
      front: room.x0 - own.x0,
      rear: own.x1 - room.x1,
      'off-door': room.y0 - own.y0,
      door: own.y1 - room.y1,
    }[wall]
    const along =
      wall === 'front' || wall === 'rear' ? [room.y0 - own.y0, own.y1 - room.y1] : [room.x0 - own.x0, own.x1 - room.x1]
    return Math.max(0, past, ...along)
  }
  return Math.max(
    beyond('front', frame.x0 - own.x0),
    beyond('rear', own.x1 - frame.x1),
    beyond('off-door', frame.y0 - own.y0),
    beyond('door', own.y1 - frame.y1),
  )
}
