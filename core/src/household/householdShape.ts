import '../flaws/wording'
import { array, boolean, number, object, string, type ISchema, type Schema } from 'yup'
import { objectOf } from '../flaws/objectOf'
import { VEHICLE_READS } from '../readings/vehicleReads'
import { readingsSchema } from '../readings/readingSchema'
import {
  ageField,
  countField,
  idField,
  lengthField,
  moneyField,
  nameField,
  needed,
  numberField,
  weightField,
} from './fields'
import {
  FRESH,
  GUEST_RHYTHMS,
  HOOKUPS,
  HOUSEHOLD_FORMAT,
  HOUSEHOLD_VERSION,
  NEEDS,
  PLUGGED,
  RIDES,
  SEASONS,
  SEXES,
  SHADES,
  SPREADS,
  type Gear,
  type Household,
  type Limits,
  type Person,
  type Pet,
  type SureFigure,
  type Trip,
  type Vehicle,
} from './household'
import type { FeatureWish } from './featureWishes'
import { STANCES, STANCE_IDS } from './stances'
import { WASHINGS } from './washing'

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

const sizeFields = {
  length: needed(lengthField(1, 400)),
  width: needed(lengthField(1, 400)),
  height: needed(lengthField(1, 400)),
}

const person = objectOf<Person>()({
  id: idField().required(),
  name: nameField().required(),
  age: needed(ageField()),
  height: lengthField(12, 96),
  weight: weightField(3, 600),
  sex: string().oneOf(SEXES),
  sure: atMost(array(string().oneOf(['height', 'weight']).required()), 2).default(undefined),
  partner: idField(),
  sharesWith: atMost(array(idField().required()), MOST_PEOPLE).default(undefined),
  neverBeside: atMost(array(idField().required()), MOST_PEOPLE).default(undefined),
  climbs: boolean(),
  needs: atMost(array(string().oneOf(NEEDS).required()), NEEDS.length).default(undefined),
  guest: boolean(),
  rides: boolean(),
  seldom: boolean(),
})

const pet = objectOf<Pet>()({
  id: idField().required(),
  name: nameField().required(),
  kind: string().oneOf(['dog', 'cat', 'other']).required(),
  weight: weightField(0, 400),
  crate: object(sizeFields).noUnknown().default(undefined),
})

const gear = objectOf<Gear>()({
  id: idField().required(),
  name: nameField().required(),
  count: needed(countField(1, 200)),
  weight: needed(weightField(0, 3000)),
  size: object(sizeFields).noUnknown().default(undefined),
  rides: string().oneOf(RIDES).required(),
  fuel: boolean(),
  turns: string().oneOf(['any', 'upright', 'never']),
  stacks: boolean(),
  fragile: boolean(),
  keep: string().oneOf(['inside', 'outside', 'dry']),
  first: string().oneOf(['camp', 'road']),
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
    trip: objectOf<Trip>()({
      nights: needed(countField(1, 365)),
      hookups: string().oneOf(HOOKUPS).required(),
      season: string().oneOf(SEASONS).required(),
      fresh: string().oneOf(FRESH),
      belongings: weightField(0, 4000),
      hitch: weightField(0, 300),
      supplyEvery: countField(1, 365),
      washing: string().oneOf(WASHINGS),
      place: idField(),
      shade: string().oneOf(SHADES),
      panelWatts: numberField(0, 5_000, 'watts of panels'),
      generatorHours: numberField(0, 24, 'hours a day'),
      movesEvery: countField(1, 365),
      driveHours: numberField(0, 16, 'hours a day'),
      spreads: string().oneOf(SPREADS),
      plugsIn: string().oneOf(PLUGGED),
    }).required(),
    limits: objectOf<Limits>()({
      budget: moneyField(),
      trailerLength: lengthField(96, 720),
      rigLength: lengthField(96, 1200),
    }).required(),
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
