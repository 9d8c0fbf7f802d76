import { ValidationError } from 'yup'
import { flawsOf } from '../../flaws/expectations'
import type { Flaw } from '../../flaws/flaw'
import { NotAFigure } from '../../quantity/parse'
import type { VehicleKey } from '../../readings/vehicleReads'
import { best, type Reading, type Source } from '../../readings/reading'
import { calledAfter } from '../calledAfter'
import { householdFlaws } from '../consistency'
import { sureFigures } from './draftDoubts'
import { NOT_KNOWN, type GearDraft, type HouseholdDraft, type PersonDraft } from './draft'
import type { RatingDraft, SizeDraft } from './draft'
import { usualGear } from '../gearShelf'
import { asBefore } from './untouched'
import { parseRating } from '../ratings'
import { GEAR_FIELDS, PET_FIELDS } from '../told/alongFields'
import { emptyOf, rawOf } from '../told/draft'
import { LIMIT_FIELDS } from '../told/limitFields'
import { PERSON_FIELDS } from '../told/personFields'
import type { Fields } from '../told/field'
import type { DraftOf } from '../told/shapes'
import { TRIP_FIELDS } from '../told/tripFields'
import { HOUSEHOLD_FORMAT, HOUSEHOLD_VERSION, type Household, type Person } from '../household'
import { chosenWishesSchema } from '../wishes/chosenWishesSchema'
import { householdOf } from '../householdShape'

/** Who reads a new rating, and on which day (ISO). */
export interface Reader {
  by: string
  on: string
}

const asTyped = householdOf(chosenWishesSchema)

/** What pulls it, while nobody says more. */
const UNNAMED_VEHICLE = 'Tow vehicle'

export type DraftResult = { household: Household; flaws: [] } | { household?: undefined; flaws: Flaw[] }

/**
 * The household a draft stands for, judged as files and the server judge it, where a wish is also looked up; or what is not right
 * yet, by document path.
 */
export function householdFromDraft(draft: HouseholdDraft, reader: Reader, before?: Household): DraftResult {
  const raw = rawHousehold(draft, reader, before)
  try {
    const read = asTyped.validateSync(raw, { abortEarly: false }) as unknown as Household
    const household = before ? asBefore(read, draft, before) : read
    const flaws = householdFlaws(household).filter(({ severity }) => severity === 'error')
    return flaws.length ? { flaws } : { household, flaws: [] }
  } catch (failure) {
    if (failure instanceof ValidationError) return { flaws: flawsOf(failure, raw, asTyped) }
    throw failure
  }
}

/**
 * As much of a draft as can be judged already: what is unreadable and may be absent is left out. Undefined
 * while something needed is missing.
 */
export function judgeableSoFar(draft: HouseholdDraft, reader: Reader, before?: Household): Household | undefined {
  const first = householdFromDraft(draft, reader, before)
  if (first.household) return first.household
  const bad = new Set(first.flaws.map(({ path }) => path))
  const keep = (path: string, text: string) => (bad.has(path) ? '' : text)
  const ratings = Object.fromEntries(
    Object.entries(draft.vehicle.ratings).map(([key, rating]) => [
      key,
      { ...rating, value: keep(`vehicle.readings.${key}[0].value`, rating.value) },
    ]),
  ) as HouseholdDraft['vehicle']['ratings']
  const readable = <T extends Fields>(table: T, typed: DraftOf<T>, path: string): DraftOf<T> => ({
    ...typed,
    ...Object.fromEntries(
      Object.entries(emptyOf(table)).filter(([key]) => !table[key]!.needed && bad.has(`${path}.${key}`)),
    ),
  })
  const lenient: HouseholdDraft = {
    ...draft,
    people: draft.people.map((person, i) => ({ ...person, ...readable(PERSON_FIELDS, person, `people[${i}]`) })),
    vehicle: { ...draft.vehicle, ratings },
    trip: readable(TRIP_FIELDS, draft.trip, 'trip'),
    limits: readable(LIMIT_FIELDS, draft.limits, 'limits'),
    gear: draft.gear.filter((_, i) => ![...bad].some((path) => path.startsWith(`gear[${i}]`))),
    pets: draft.pets.filter((_, i) => ![...bad].some((path) => path.startsWith(`pets[${i}]`))),
  }
  return householdFromDraft(lenient, reader, before).household
}

/** The document, its figures still as typed where the schema itself reads texts. */
function rawHousehold(draft: HouseholdDraft, reader: Reader, before: Household | undefined) {
  const readings = Object.entries(draft.vehicle.ratings).flatMap(([key, rating]) => {
    const list = readingsOf(key as VehicleKey, rating, reader, before?.vehicle.readings[key])
    return list.length ? [[key, list] as const] : []
  })
  const unknown = (Object.keys(draft.vehicle.ratings) as VehicleKey[]).filter(
    (key) => draft.vehicle.ratings[key].value.trim() === NOT_KNOWN,
  )
  const sure = sureFigures(draft)
  return {
    format: HOUSEHOLD_FORMAT,
    version: HOUSEHOLD_VERSION,
    name: draft.name.trim() || calledAfter(draft.people),
    people: draft.people.map(rawPerson),
    pets: draft.pets.map((pet) => ({
      id: pet.id,
      name: pet.name,
      ...rawOf(PET_FIELDS, pet),
      ...(isGiven(pet.crate) && { crate: pet.crate }),
    })),
    vehicle: {
      name: draft.vehicle.name.trim() || UNNAMED_VEHICLE,
      readings: Object.fromEntries(readings),
      ...(unknown.length && { unknown }),
    },
    trip: rawOf(TRIP_FIELDS, draft.trip),
    limits: rawOf(LIMIT_FIELDS, draft.limits),
    guestsCome: draft.guestsCome,
    gear: draft.gear.map((one) => rawGear(one, draft.people)),
    stances: Object.fromEntries(Object.entries(draft.stances).filter(([, stance]) => stance)),
    ...(draft.wishes.length && { wishes: draft.wishes.map(({ is, ...wish }) => ({ ...wish, ...(is && { is }) })) }),
    ...(sure.length && { sure }),
    ...(draft.notes.trim() && { notes: draft.notes }),
  }
}

/** What is confirmed of a person: as long as the text is still the one that was questioned. */
function sureOf(person: Pick<PersonDraft, 'height' | 'weight'>, sure: PersonDraft['sure']): Pick<Person, 'sure'> {
  const list = (['height', 'weight'] as const).filter((key) => sure[key] !== '' && sure[key] === person[key])
  return list.length ? { sure: list } : {}
}

/** What was typed as a reading of today, unless it is what was read before; earlier readings stay behind it. */
function readingsOf(
  key: VehicleKey,
  { value, source, confirmed }: RatingDraft,
  { by, on }: Reader,
  before: Reading[] = [],
): { value: unknown; source: Source; on?: string; by?: string; confirmed?: boolean }[] {
  if (value.trim() === '' || value.trim() === NOT_KNOWN) return []
  const read = ratingValue(key, value)
  const known = best(before)
  const sure = confirmed !== undefined && confirmed !== '' && confirmed === value
  if (
    known &&
    known.source === source &&
    (known.confirmed ?? false) === sure &&
    typeof read === 'number' &&
    typeof known.value === 'number' &&
    Math.abs(known.value - read) < 0.6
  )
    return before
  return [
    { value: read, source, on, by, ...(sure && { confirmed: true }) },
    ...before.filter((other) => other.source !== source),
  ]
}

/** A number, or the text itself when it cannot be read: the schema then says what would be right. */
function ratingValue(key: VehicleKey, text: string): number | string {
  try {
    return parseRating(key)(text)
  } catch (failure) {
    if (failure instanceof NotAFigure) return text
    throw failure
  }
}

const isGiven = (size: SizeDraft): boolean => Object.values(size).some((text: string) => text.trim() !== '')

function rawPerson(person: PersonDraft) {
  const { id, name, sure, partner, needs, sharesWith, neverBeside } = person
  const { rides, seldom, ...told } = rawOf(PERSON_FIELDS, person)
  return {
    id,
    name,
    ...told,
    // Of a guest alone.
    ...(person.guest && { ...(rides !== undefined && { rides }), ...(seldom !== undefined && { seldom }) }),
    ...sureOf(person, sure),
    ...(partner && { partner }),
    ...(needs.length && { needs }),
    ...(sharesWith.length && { sharesWith }),
    ...(neverBeside.length && { neverBeside }),
  }
}

function rawGear(gear: GearDraft, people: readonly PersonDraft[]) {
  const { id, name, weight, size, alone, owner } = gear
  const usual = weight.trim() === '' ? usualGear(name)?.weight : undefined
  return {
    id,
    name,
    ...rawOf(GEAR_FIELDS, gear),
    ...(usual !== undefined && { weight: usual, usualWeight: true }),
    ...(isGiven(size) && { size }),
    ...(alone && { stacks: false }),
    // Whose was taken out of the household is everybody's.
    ...(people.some((one) => one.id === owner) && { owner }),
  }
}
