import '../flaws/wording'
import { array, lazy, number, string, type Schema } from 'yup'
import { FEATURES } from '../features/catalogue'
import { objectOf } from '../flaws/objectOf'
import { byKind, kindOf, planSchema, type Plan } from '../plan/plan'
import { EQUIPMENT_KINDS, TRAILER_READS, type EquipmentKind, type TrailerKey } from '../readings/catalogue'
import { figure, readingsSchema, SOURCES, type Readings, type Source } from '../readings/reading'

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

const equipmentOf = (kind: string) =>
  objectOf<Equipment>()({
    id: string()
      .matches(/^[a-z0-9][a-z0-9-]{0,40}$/, 'a short id of small letters, digits and dashes, such as gray-1')
      .required(),
    kind: string().oneOf(Object.keys(EQUIPMENT_KINDS)).required(),
    name: string().min(1).max(80),
    readings: readingsSchema(EQUIPMENT_KINDS[kind as EquipmentKind]?.reads ?? {}),
  })

export const equipmentSchemas = byKind(Object.keys(EQUIPMENT_KINDS), equipmentOf)

const absent = objectOf<Absent>()({
  kind: string().oneOf(ABSENT_KINDS).required(),
  source: string().oneOf(SOURCES).required(),
  on: string().matches(/^\d{4}-\d{2}-\d{2}$/, 'a date such as 2026-10-03'),
  by: string().min(1).max(80),
})

export const trailerSchema = objectOf<Trailer>()({
  format: string().oneOf([TRAILER_FORMAT]).required(),
  version: number().oneOf([TRAILER_VERSION]).required(),
  stock: string()
    .matches(/^[A-Za-z0-9][A-Za-z0-9-]{0,19}$/, 'a stock number of up to 20 letters, digits and dashes, such as T-118')
    .required(),
  vin: string().matches(/^[A-HJ-NPR-Z0-9]{17}$/, '17 letters and digits without I, O and Q'),
  make: string().min(1).max(60).required(),
  model: string().min(1).max(60).required(),
  year: number().integer().min(1950).max(2100).required(),
  condition: string().oneOf(['new', 'used']).required(),
  layout: string().oneOf(LAYOUTS).required(),
  readings: readingsSchema(TRAILER_READS).required(),
  features: readingsSchema(FEATURES),
  equipment: array(lazy(kindOf(equipmentSchemas)) as unknown as Schema)
    .max(60, 'at most 60 of them')
    .required(),
  absent: array(absent.required()).max(60, 'at most 60 of them').default(undefined),
  plan: planSchema.required(),
})

/** A number read on the trailer as a whole, or undefined when it is still to be measured. */
export const trailerFigure = (trailer: Trailer, key: TrailerKey): number | undefined => figure(trailer.readings, key)

/** How the lot speaks of it: `Marrowby 25 DB`. */
export const trailerName = (trailer: Pick<Trailer, 'make' | 'model'>): string => `${trailer.make} ${trailer.model}`
