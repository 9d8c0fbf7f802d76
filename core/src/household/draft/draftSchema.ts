import { array, boolean, mixed, string } from 'yup'
import { objectOf } from '../../flaws/objectOf'
import { SOURCES } from '../../readings/reading'
import { emptyDraft, emptyPerson, gearDraft, petDraft } from './draft'
import type { GearDraft, HouseholdDraft, PersonDraft, PetDraft, RatingDraft, SizeDraft, SureText } from './draft'
import { GUEST_RHYTHMS, NEEDS } from '../household'
import { GEAR_FIELDS, PET_FIELDS, SIZE_FIELDS } from '../told/alongFields'
import { LIMIT_FIELDS } from '../told/limitFields'
import { PERSON_FIELDS } from '../told/personFields'
import { draftFieldsOf } from '../told/schema'
import { TRIP_FIELDS } from '../told/tripFields'

const text = () => string().defined()
const size = objectOf<SizeDraft>()(draftFieldsOf(SIZE_FIELDS))

const person = objectOf<PersonDraft>()({
  id: text(),
  name: text(),
  ...draftFieldsOf(PERSON_FIELDS),
  sure: objectOf<PersonDraft['sure']>()({ height: text(), weight: text() }).required(),
  partner: text(),
  needs: array(string().oneOf(NEEDS).required()).required(),
  sharesWith: array(text()).required(),
  neverBeside: array(text()).required(),
})

const pet = objectOf<PetDraft>()({
  id: text(),
  name: text(),
  ...draftFieldsOf(PET_FIELDS),
  crate: size.required(),
})

const gear = objectOf<GearDraft>()({
  id: text(),
  name: text(),
  ...draftFieldsOf(GEAR_FIELDS),
  size: size.required(),
  alone: boolean().required(),
  owner: text(),
})

const rating = objectOf<RatingDraft>()({ value: text(), source: text().oneOf(SOURCES), confirmed: string() })
const draft = objectOf<HouseholdDraft>()({
  name: text(),
  people: array(person.required()).min(1).max(14).required(),
  pets: array(pet.required()).required(),
  vehicle: mixed<HouseholdDraft['vehicle']>()
    .test('vehicle', 'a vehicle as it is typed', (vehicle) => isVehicle(vehicle))
    .required(),
  trip: objectOf<HouseholdDraft['trip']>()(draftFieldsOf(TRIP_FIELDS)).required(),
  limits: objectOf<HouseholdDraft['limits']>()(draftFieldsOf(LIMIT_FIELDS)).required(),
  guestsCome: text().oneOf(GUEST_RHYTHMS),
  gear: array(gear.required()).required(),
  stances: mixed<HouseholdDraft['stances']>()
    .test('stances', 'stances as they are chosen', (held) => Object.values(held ?? {}).every(isText))
    .required(),
  wishes: array(
    objectOf<HouseholdDraft['wishes'][number]>()({
      feature: text(),
      is: text(),
      stance: text().oneOf(['must', 'want', 'avoid']),
    }).required(),
  ).required(),
  sure: array(objectOf<SureText>()({ figure: text(), text: text() }).required()).required(),
  notes: text(),
})

const isText = (value: unknown): boolean => typeof value === 'string'

function isVehicle(vehicle: HouseholdDraft['vehicle'] | undefined): boolean {
  if (!vehicle || !isText(vehicle.name)) return false
  return Object.values(vehicle.ratings ?? {}).every((one) => rating.isValidSync(one, { strict: true }))
}

/**
 * A draft as it was kept somewhere, perhaps by an older program: what has come since is filled in as in a new
 * one. Undefined when it is no draft at all, or not of people that can be.
 */
export function readDraft(kept: unknown): HouseholdDraft | undefined {
  if (!isObject(kept)) return undefined
  const fresh = emptyDraft()
  const filled = {
    ...fresh,
    ...kept,
    people: each(kept.people, () => emptyPerson([])),
    pets: each(kept.pets, () => petDraft({ id: '' })),
    gear: each(kept.gear, () => gearDraft({ id: '' })),
    trip: { ...fresh.trip, ...part(kept.trip) },
    limits: { ...fresh.limits, ...part(kept.limits) },
    vehicle: {
      ...fresh.vehicle,
      ...part(kept.vehicle),
      ratings: { ...fresh.vehicle.ratings, ...part(part(kept.vehicle).ratings) },
    },
  }
  return draft.isValidSync(filled, { strict: true }) ? filled : undefined
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === 'object' && !Array.isArray(value)

const part = (value: unknown): Record<string, unknown> => (isObject(value) ? value : {})

/** A list whose items are filled up; anything else is left for the schema to refuse. */
const each = (list: unknown, fresh: () => object): unknown =>
  Array.isArray(list) ? list.map((one: unknown) => (isObject(one) ? { ...fresh(), ...one } : one)) : (list ?? [])
