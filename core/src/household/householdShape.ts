import '../flaws/wording'
import { array, boolean, number, object, string, type ISchema, type Schema } from 'yup'
import { objectOf } from '../flaws/objectOf'
import { VEHICLE_READS } from '../readings/vehicleReads'
import { readingsSchema } from '../readings/readingSchema'
import { idField, nameField } from './fields'
import {
  GUEST_RHYTHMS,
  HOUSEHOLD_FORMAT,
  HOUSEHOLD_VERSION,
  NEEDS,
  type Gear,
  type Household,
  type Limits,
  type Person,
  type Pet,
  type Size,
  type SureFigure,
  type Trip,
  type Vehicle,
} from './household'
import { GEAR_FIELDS, PET_FIELDS, SIZE_FIELDS } from './told/alongFields'
import { LIMIT_FIELDS } from './told/limitFields'
import { PERSON_FIELDS } from './told/personFields'
import { schemaFieldsOf } from './told/schema'
import { TRIP_FIELDS } from './told/tripFields'
import type { FeatureWish } from './wishes/featureWishes'
import { STANCES, STANCE_IDS } from './wishes/stances'

/** Far more than anybody brings along; what there is one of each kind of has its own end. */
const MOST = 60
/** More sleep in no trailer. */
const MOST_PEOPLE = 14

const atMost = <Of extends { max(most: number, says: string): Of }>(list: Of, most: number): Of =>
  list.max(most, `at most ${most} of them`)

const vehicle = objectOf<Vehicle>()({
  name: nameField().required(),
  readings: readingsSchema(VEHICLE_READS).required(),
  unknown: atMost(array(string().oneOf(Object.keys(VEHICLE_READS)).required()), MOST).default(undefined),
})

const size = () => objectOf<Size>()(schemaFieldsOf(SIZE_FIELDS)).default(undefined)

const person = objectOf<Person>()({
  id: idField().required(),
  name: nameField().required(),
  ...schemaFieldsOf(PERSON_FIELDS),
  sure: atMost(array(string().oneOf(['height', 'weight']).required()), 2).default(undefined),
  partner: idField(),
  sharesWith: atMost(array(idField().required()), MOST_PEOPLE).default(undefined),
  neverBeside: atMost(array(idField().required()), MOST_PEOPLE).default(undefined),
  needs: atMost(array(string().oneOf(NEEDS).required()), NEEDS.length).default(undefined),
})

const pet = objectOf<Pet>()({
  id: idField().required(),
  name: nameField().required(),
  ...schemaFieldsOf(PET_FIELDS),
  crate: size(),
})

const gear = objectOf<Gear>()({
  id: idField().required(),
  name: nameField().required(),
  ...schemaFieldsOf(GEAR_FIELDS),
  size: size(),
  stacks: boolean(),
  usualWeight: boolean(),
  owner: idField(),
})

const stances = object(
  Object.fromEntries(
    STANCE_IDS.map((id) => [
      id,
      string().oneOf(STANCES[id].mustPossible ? ['must', 'want', 'avoid'] : ['want', 'avoid']),
    ]),
  ),
).noUnknown()

const list = (of: ISchema<unknown>, most = MOST) => atMost(array(of as Schema), most).required()

/** A household, whose wishes are of this shape: what they may be about is a long list, which not everybody has at hand. */
export const householdOf = (wishes: ISchema<FeatureWish[] | undefined>) =>
  objectOf<Household>()({
    format: string().oneOf([HOUSEHOLD_FORMAT]).required(),
    version: number().oneOf([HOUSEHOLD_VERSION]).required(),
    name: nameField().required(),
    people: list(person, MOST_PEOPLE).min(1, 'at least one person').max(MOST_PEOPLE, `at most ${MOST_PEOPLE} people`),
    pets: list(pet),
    vehicle: vehicle.required(),
    trip: objectOf<Trip>()(schemaFieldsOf(TRIP_FIELDS)).required(),
    limits: objectOf<Limits>()(schemaFieldsOf(LIMIT_FIELDS)).required(),
    guestsCome: string().oneOf(GUEST_RHYTHMS).required(),
    gear: list(gear),
    stances: stances.required(),
    wishes,
    sure: atMost(
      array(objectOf<SureFigure>()({ figure: string().max(100).required(), value: number().required() }).required()),
      MOST,
    ).default(undefined),
    notes: string().max(4000),
  })
