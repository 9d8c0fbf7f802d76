import { ValidationError } from 'yup'
import { flawsOf } from '../flaws/expectations'
import type { Flaw } from '../flaws/flaw'
import { formatFeet, type MeasureSystem } from '../quantity/format'
import { CM_PER_INCH, LB_PER_KG, NotAFigure, parseLength, parseNumber, parseWeight } from '../quantity/parse'
import { VEHICLE_READS, type VehicleKey } from '../readings/catalogue'
import { best, type Reading, type Source } from '../readings/reading'
import { householdFlaws } from './consistency'
import {
  HOUSEHOLD_FORMAT,
  HOUSEHOLD_VERSION,
  householdSchema,
  type Gear,
  type Household,
  type NEEDS,
  type Person,
  type Pet,
} from './household'
import type { Stance, StanceId } from './stances'

/**
 * A household as it is typed in the interview: figures are still texts as people write them (`6'2`,
 * `188 cm`, `32k`), an empty text is "not asked yet". Paths are those of the document, except that a
 * vehicle rating is one text with its source.
 */
export interface HouseholdDraft {
  name: string
  people: PersonDraft[]
  pets: PetDraft[]
  vehicle: { name: string; ratings: Record<VehicleKey, RatingDraft> }
  trip: {
    nights: string
    hookups: Household['trip']['hookups']
    season: Household['trip']['season']
    fresh: '' | NonNullable<Household['trip']['fresh']>
    belongings: string
    hitch: string
  }
  limits: { budget: string; trailerLength: string; rigLength: string }
  guestsCome: Household['guestsCome']
  gear: GearDraft[]
  stances: Record<string, Stance | ''>
  notes: string
}

/** `confirmed`: the text that is odd, was questioned, and is so. */
export interface RatingDraft {
  value: string
  source: Source
  confirmed?: string
}

export interface PersonDraft {
  id: string
  name: string
  age: string
  height: string
  weight: string
  /** The texts that are odd, were questioned, and are so. */
  sure: { height: string; weight: string }
  sex: '' | NonNullable<Person['sex']>
  partner: string
  guest: boolean
  rides: boolean
  seldom: boolean
  climbs: boolean
  needs: (typeof NEEDS)[number][]
  sharesWith: string[]
  neverBeside: string[]
}

/** Three lengths as texts; all empty: not asked yet, or none. */
export interface SizeDraft {
  length: string
  width: string
  height: string
}

export interface PetDraft extends Omit<Pet, 'weight' | 'crate'> {
  weight: string
  crate: SizeDraft
}

export interface GearDraft {
  id: string
  name: string
  count: string
  weight: string
  size: SizeDraft
  rides: Gear['rides']
  fuel: boolean
  turns: NonNullable<Gear['turns']>
  alone: boolean
  fragile: boolean
  keep: '' | NonNullable<Gear['keep']>
  first: '' | NonNullable<Gear['first']>
}

/** Who reads a new rating, and on which day (ISO). */
export interface Reader {
  by: string
  on: string
}

export type DraftResult = { household: Household; flaws: [] } | { household?: undefined; flaws: Flaw[] }

/**
 * The household a draft stands for, judged by the same schema as files and the server; or what is not right
 * yet, by document path.
 */
export function householdFromDraft(draft: HouseholdDraft, reader: Reader, before?: Household): DraftResult {
  const raw = rawHousehold(draft, reader, before)
  try {
    const household = householdSchema.validateSync(raw, { abortEarly: false }) as unknown as Household
    const flaws = householdFlaws(household).filter(({ severity }) => severity === 'error')
    return flaws.length ? { flaws } : { household, flaws: [] }
  } catch (failure) {
    if (failure instanceof ValidationError) return { flaws: flawsOf(failure, raw, householdSchema) }
    throw failure
  }
}

/**
 * As much of a draft as can be judged already: what is unreadable and may be absent is left out. Undefined
 * while something needed is missing.
 */
export function judgeableSoFar(draft: HouseholdDraft, reader: Reader): Household | undefined {
  const first = householdFromDraft(draft, reader)
  if (first.household) return first.household
  const bad = new Set(first.flaws.map(({ path }) => path))
  const keep = (path: string, text: string) => (bad.has(path) ? '' : text)
  const ratings = Object.fromEntries(
    Object.entries(draft.vehicle.ratings).map(([key, rating]) => [
      key,
      { ...rating, value: keep(`vehicle.readings.${key}[0].value`, rating.value) },
    ]),
  ) as HouseholdDraft['vehicle']['ratings']
  const lenient: HouseholdDraft = {
    ...draft,
    people: draft.people.map((person, i) => ({
      ...person,
      height: keep(`people[${i}].height`, person.height),
      weight: keep(`people[${i}].weight`, person.weight),
    })),
    vehicle: { ...draft.vehicle, ratings },
    limits: {
      budget: keep('limits.budget', draft.limits.budget),
      trailerLength: keep('limits.trailerLength', draft.limits.trailerLength),
      rigLength: keep('limits.rigLength', draft.limits.rigLength),
    },
    gear: draft.gear.filter((_, i) => ![...bad].some((path) => path.startsWith(`gear[${i}]`))),
    pets: draft.pets.filter((_, i) => ![...bad].some((path) => path.startsWith(`pets[${i}]`))),
  }
  return householdFromDraft(lenient, reader).household
}

/** A kept household as texts to edit, in the person's measures. */
export function draftOf(household: Household, system: MeasureSystem = 'us'): HouseholdDraft {
  const { people, pets, vehicle, trip, limits, gear } = household
  return {
    name: household.name,
    people: people.map(
      ({
        id,
        name,
        age,
        height,
        weight,
        sure,
        sex,
        partner,
        guest,
        rides,
        seldom,
        climbs,
        needs,
        sharesWith,
        neverBeside,
      }) => ({
        id,
        name,
        age: String(age),
        height: lengthText(height, system),
        weight: weightText(weight, system),
        sure: {
          height: sure?.includes('height') ? lengthText(height, system) : '',
          weight: sure?.includes('weight') ? weightText(weight, system) : '',
        },
        sex: sex ?? '',
        partner: partner ?? '',
        guest: guest ?? false,
        rides: rides ?? false,
        seldom: seldom ?? false,
        climbs: climbs ?? true,
        needs: needs ?? [],
        sharesWith: sharesWith ?? [],
        neverBeside: neverBeside ?? [],
      }),
    ),
    pets: pets.map((pet) => petDraft(pet, system)),
    vehicle: {
      name: vehicle.name,
      ratings: eachRating((key) => ratingDraft(best(vehicle.readings[key]), key, system)),
    },
    trip: {
      ...trip,
      nights: String(trip.nights),
      fresh: trip.fresh ?? '',
      belongings: weightText(trip.belongings, system),
      hitch: weightText(trip.hitch, system),
    },
    limits: {
      budget: limits.budget === undefined ? '' : String(limits.budget),
      trailerLength: lengthText(limits.trailerLength, system),
      rigLength: lengthText(limits.rigLength, system),
    },
    guestsCome: household.guestsCome,
    gear: gear.map((item) => gearDraft(item, system)),
    stances: { ...household.stances } as Partial<Record<StanceId, Stance>> as Record<string, Stance>,
    notes: household.notes ?? '',
  }
}

/** An interview that has not begun: one person, nothing known. */
export function emptyDraft(): HouseholdDraft {
  return {
    name: '',
    people: [emptyPerson([])],
    pets: [],
    vehicle: { name: '', ratings: eachRating(() => ({ value: '', source: 'label' })) },
    trip: { nights: '4', hookups: 'full', season: 'summer', fresh: '', belongings: '', hitch: '' },
    limits: { budget: '', trailerLength: '', rigLength: '' },
    guestsCome: 'never',
    gear: [],
    stances: {},
    notes: '',
  }
}

export const emptyPerson = (others: readonly { id: string }[]): PersonDraft => ({
  id: freeId('person', others),
  name: '',
  age: '',
  height: '',
  weight: '',
  sure: { height: '', weight: '' },
  sex: '',
  partner: '',
  guest: false,
  rides: false,
  seldom: false,
  climbs: true,
  needs: [],
  sharesWith: [],
  neverBeside: [],
})

/** A pet as texts to edit; of a new one nothing but its id need be given. */
export function petDraft(
  { id, name, kind, weight, crate }: Partial<Pet> & { id: string },
  system: MeasureSystem = 'us',
): PetDraft {
  return {
    id,
    name: name ?? '',
    kind: kind ?? 'dog',
    weight: weightText(weight, system),
    crate: sizeText(crate, system),
  }
}

const isGiven = (size: SizeDraft): boolean => Object.values(size).some((text: string) => text.trim() !== '')

const sizeText = (size: Gear['size'], system: MeasureSystem): SizeDraft => ({
  length: lengthText(size?.length, system),
  width: lengthText(size?.width, system),
  height: lengthText(size?.height, system),
})

/** A thing as texts to edit; of something new nothing but its id need be given. */
export function gearDraft(
  { id, name, count, weight, size, rides, fuel, turns, stacks, fragile, keep, first }: Partial<Gear> & { id: string },
  system: MeasureSystem = 'us',
): GearDraft {
  return {
    id,
    name: name ?? '',
    count: String(count ?? 1),
    weight: weightText(weight, system),
    size: sizeText(size, system),
    rides: rides ?? 'trailer',
    fuel: fuel ?? false,
    turns: turns ?? 'any',
    alone: stacks === false,
    fragile: fragile ?? false,
    keep: keep ?? '',
    first: first ?? '',
  }
}

/** What is as usual is left out of the document. */
function rawGear({ size, fuel, turns, alone, fragile, keep, first, ...rest }: GearDraft) {
  return {
    ...rest,
    ...(isGiven(size) && { size }),
    ...(fuel && { fuel }),
    ...(turns !== 'any' && { turns }),
    ...(alone && { stacks: false }),
    ...(fragile && { fragile }),
    ...(keep && { keep }),
    ...(first && { first }),
  }
}

/** What is as usual is left out of the document. */
const rawTrip = ({ fresh, belongings, hitch, ...rest }: HouseholdDraft['trip']) => ({
  ...rest,
  ...(fresh && { fresh }),
  ...(belongings.trim() && { belongings }),
  ...(hitch.trim() && { hitch }),
})

/** `gear-3` when `gear-1` and `gear-2` are taken. */
export function freeId(stem: string, others: readonly { id: string }[]): string {
  for (let n = 1; ; n++) if (!others.some(({ id }) => id === `${stem}-${n}`)) return `${stem}-${n}`
}

/** The document, its figures still as typed where the schema itself reads texts. */
function rawHousehold(draft: HouseholdDraft, reader: Reader, before: Household | undefined) {
  const readings = Object.entries(draft.vehicle.ratings).flatMap(([key, rating]) => {
    const list = readingsOf(key as VehicleKey, rating, reader, before?.vehicle.readings[key])
    return list.length ? [[key, list] as const] : []
  })
  return {
    format: HOUSEHOLD_FORMAT,
    version: HOUSEHOLD_VERSION,
    name: draft.name,
    people: draft.people.map(
      ({ sex, sure, partner, guest, rides, seldom, climbs, needs, sharesWith, neverBeside, ...rest }) => ({
        ...rest,
        ...(sex && { sex }),
        ...sureOf(rest, sure),
        ...(partner && { partner }),
        ...(guest && { guest }),
        ...(guest && rides && { rides }),
        ...(guest && seldom && { seldom }),
        ...(!climbs && { climbs }),
        ...(needs.length && { needs }),
        ...(sharesWith.length && { sharesWith }),
        ...(neverBeside.length && { neverBeside }),
      }),
    ),
    pets: draft.pets.map(({ crate, ...pet }) => ({ ...pet, ...(isGiven(crate) && { crate }) })),
    vehicle: { name: draft.vehicle.name, readings: Object.fromEntries(readings) },
    trip: rawTrip(draft.trip),
    limits: draft.limits,
    guestsCome: draft.guestsCome,
    gear: draft.gear.map(rawGear),
    stances: Object.fromEntries(Object.entries(draft.stances).filter(([, stance]) => stance)),
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
  if (value.trim() === '') return []
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
    const { unit } = VEHICLE_READS[key] as { unit?: string }
    return unit === 'in' ? parseLength(text) : unit === 'lb' ? parseWeight(text) : parseNumber(text)
  } catch (failure) {
    if (failure instanceof NotAFigure) return text
    throw failure
  }
}

function ratingDraft(reading: Reading | undefined, key: VehicleKey, system: MeasureSystem): RatingDraft {
  if (!reading || typeof reading.value !== 'number') return { value: '', source: 'label' }
  const { unit } = VEHICLE_READS[key] as { unit?: string }
  const value =
    unit === 'in'
      ? lengthText(reading.value, system)
      : unit === 'lb'
        ? weightText(reading.value, system)
        : String(reading.value)
  return { value, source: reading.source, ...(reading.confirmed && { confirmed: value }) }
}

function eachRating<T>(make: (key: VehicleKey) => T): Record<VehicleKey, T> {
  return Object.fromEntries((Object.keys(VEHICLE_READS) as VehicleKey[]).map((key) => [key, make(key)])) as Record<
    VehicleKey,
    T
  >
}

/** Exact enough to come back as the same figure: whole inches as feet and inches, others as they are. */
function lengthText(value: number | undefined, system: MeasureSystem): string {
  if (value === undefined) return ''
  if (system === 'metric') return `${Math.round(value * CM_PER_INCH * 10) / 10} cm`
  return Number.isInteger(value) && value >= 12 ? formatFeet(value) : `${value} in`
}

function weightText(value: number | undefined, system: MeasureSystem): string {
  if (value === undefined) return ''
  return system === 'metric' ? `${Math.round((value / LB_PER_KG) * 10) / 10} kg` : String(value)
}
