/**
 * Where practitioners and buyers disagree. A household may want a thing, avoid it, insist on it, or
 * not care (no entry). The program holds no opinion of its own.
 */
export type Stance = 'must' | 'want' | 'avoid'

interface StanceSpec {
  label: string
  /** Whether one can insist on it: a trailer without it is then out. */
  mustPossible: boolean
}

export const STANCES = {
  tub: { label: 'A tub', mustPossible: true },
  bunks: { label: 'Bunks', mustPossible: true },
  secondBath: { label: 'A second bath', mustPossible: true },
  outsideKitchen: { label: 'An outside kitchen', mustPossible: true },
  secondDoor: { label: 'A second entry door', mustPossible: true },
  roadAccess: { label: 'Toilet and fridge within reach on the road', mustPossible: true },
  noSlide: { label: 'No slide', mustPossible: true },
  oven: { label: 'An oven', mustPossible: true },
  compressorFridge: { label: 'A 12 V compressor fridge', mustPossible: false },
  gasElectricFridge: { label: 'A gas-electric fridge', mustPossible: false },
  powerStabilizers: { label: 'Power stabilizers', mustPossible: false },
  largeCylinders: { label: '30 lb cylinders', mustPossible: false },
  jackknifeSofa: { label: 'A jackknife sofa', mustPossible: false },
  triFoldSofa: { label: 'A tri-fold sofa', mustPossible: false },
  theaterSeats: { label: 'Theater seats', mustPossible: false },
  glassShower: { label: 'A glass shower door', mustPossible: false },
  centralTv: { label: 'A TV all can face', mustPossible: false },
  solarPort: { label: 'A plug for portable solar', mustPossible: false },
  onDemandHeater: { label: 'On-demand hot water', mustPossible: false },
} as const satisfies Record<string, StanceSpec>

export type StanceId = keyof typeof STANCES
export const STANCE_IDS = Object.keys(STANCES) as StanceId[]
