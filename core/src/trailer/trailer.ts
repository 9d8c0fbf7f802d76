import type { Plan } from '../plan/plan'
import { EQUIPMENT_KINDS, type EquipmentKind, type TrailerKey } from '../readings/catalogue'
import { figure, word, type Readings, type Source } from '../readings/reading'

export const TRAILER_FORMAT = 'hitchet/trailer'
export const TRAILER_VERSION = 2

export const LAYOUTS = [
  'bunkhouse',
  'double bunkhouse',
  'rear living',
  'rear bath',
  'front kitchen',
  'rear kitchen',
  'two-bedroom',
  'bath and a half',
  'hybrid',
  'wet bath',
  'toy hauler',
  'front bath',
  'mid bunk',
  'twin beds',
  'loft',
  'couple’s',
] as const
export type Layout = (typeof LAYOUTS)[number]

/** One trailer in stock, as written in `trailer.json`. */
export interface Trailer {
  format: typeof TRAILER_FORMAT
  version: typeof TRAILER_VERSION
  /** The lot's own number, unique on the lot. */
  stock: string
  vin?: string
  make: string
  model: string
  year: number
  condition: 'new' | 'used'
  layout: Layout
  readings: Readings
  /** What is told of it beside what is measured; absent, or a key that is: nobody looked. */
  features?: Readings
  equipment: Equipment[]
  /** Kinds of equipment or of what is drawn that are not there: somebody looked. */
  absent?: Absent[]
  plan: Plan
}

export interface Absent {
  kind: AbsentKind
  source: Source
  /** ISO date. */
  on?: string
  by?: string
}

/** What can be noted as not there. */
export const ABSENT_KINDS = [
  ...(Object.keys(EQUIPMENT_KINDS) as EquipmentKind[]),
  'berth',
  'bay',
  'toilet',
  'shower',
  'cooktop',
  'fridge',
  'sink',
  'table',
  'conversion',
  'outside',
] as const
export type AbsentKind = (typeof ABSENT_KINDS)[number]

export interface Equipment {
  id: string
  kind: EquipmentKind
  name?: string
  readings?: Readings
}

/** A number read on the trailer as a whole, or undefined when it is still to be measured. */
export const trailerFigure = (trailer: Trailer, key: TrailerKey): number | undefined => figure(trailer.readings, key)

/** Nobody drives two hours for one that is sold. */
export const isSold = ({ features }: Pick<Trailer, 'features'>): boolean => word(features, 'stands') === 'sold'

/** So many letters of make and model tell models apart. */
const MODEL_KEY = 200

/** Of units of one make and model the same, however it was typed. */
export const modelKey = ({ make, model }: Pick<Trailer, 'make' | 'model'>): string =>
  [make, model]
    .map((word) => word.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, ''))
    .join('/')
    .slice(0, MODEL_KEY)

/** How the lot speaks of it: `Marrowby 25 DB`. */
export const trailerName = (trailer: Pick<Trailer, 'make' | 'model'>): string => `${trailer.make} ${trailer.model}`
