import '../flaws/wording'
import { array, lazy, number, string, type Schema } from 'yup'
import { FEATURES } from '../features/catalogue'
import { byKind, kindOf } from '../flaws/byKind'
import { objectOf } from '../flaws/objectOf'
import { planSchema } from '../plan/planSchema'
import { EQUIPMENT_KINDS, TRAILER_READS, type EquipmentKind } from '../readings/catalogue'
import { SOURCES } from '../readings/reading'
import { readingsSchema } from '../readings/readingSchema'
import {
  ABSENT_KINDS,
  LAYOUTS,
  TRAILER_FORMAT,
  TRAILER_VERSION,
  type Absent,
  type Equipment,
  type Trailer,
} from './trailer'

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
