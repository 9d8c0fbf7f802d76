/**
 * Where practitioners and buyers disagree. A household may want a thing, avoid it, insist on it, or
 * not care (no entry). The program holds no opinion of its own.
 */
export type Stance = 'must' | 'want' | 'avoid'

interface StanceSpec {
  label: string
  /** Whether one can insist on it: a trailer without it is then out. */
  mustPossible: boolean
  /** The question that hears of it (`questions/index.ts`). */
  question: string
  /** What is said of whoever gives it up, where that is not that they do without it. */
  without?: string
}

const SPECS = {
  tub: { label: 'A tub', mustPossible: true, question: 'bath' },
  bunks: { label: 'Bunks', mustPossible: true, question: 'sleep' },
  secondBath: { label: 'A second bath', mustPossible: true, question: 'bath' },
  outsideKitchen: { label: 'An outside kitchen', mustPossible: true, question: 'galley' },
  secondDoor: { label: 'A second entry door', mustPossible: true, question: 'wishes' },
  roadAccess: { label: 'Toilet and fridge within reach on the road', mustPossible: true, question: 'reach' },
  noSlide: { label: 'No slide', mustPossible: true, question: 'wishes', without: 'they take a slide' },
  oven: { label: 'An oven', mustPossible: true, question: 'galley' },
  compressorFridge: { label: 'A 12 V compressor fridge', mustPossible: false, question: 'galley' },
  gasElectricFridge: { label: 'A gas-electric fridge', mustPossible: false, question: 'galley' },
  powerStabilizers: { label: 'Power stabilizers', mustPossible: false, question: 'wishes' },
  largeCylinders: { label: '30 lb cylinders', mustPossible: false, question: 'wishes' },
  jackknifeSofa: { label: 'A jackknife sofa', mustPossible: false, question: 'wishes' },
  triFoldSofa: { label: 'A tri-fold sofa', mustPossible: false, question: 'wishes' },
  theaterSeats: { label: 'Theater seats', mustPossible: false, question: 'wishes' },
  glassShower: { label: 'A glass shower door', mustPossible: false, question: 'wishes' },
  centralTv: { label: 'A TV all can face', mustPossible: false, question: 'seating' },
  solarPort: { label: 'A plug for portable solar', mustPossible: false, question: 'wishes' },
  onDemandHeater: { label: 'On-demand hot water', mustPossible: false, question: 'wishes' },
} as const satisfies Record<string, StanceSpec>

export type StanceId = keyof typeof SPECS
type QuestionOf<Id extends StanceId> = (typeof SPECS)[Id]['question']
export const STANCES: { readonly [Id in StanceId]: StanceSpec & { question: QuestionOf<Id> } } = SPECS
export const STANCE_IDS = Object.keys(STANCES) as StanceId[]
