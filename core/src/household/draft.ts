import { formatFeet, type MeasureSystem } from '../quantity/format'
import { CM_PER_INCH, LB_PER_KG } from '../quantity/parse'
import { VEHICLE_READS, type VehicleKey } from '../readings/vehicleReads'
import { best, type Reading, type Source } from '../readings/reading'
import type { Gear, Household, NEEDS, Person, Pet } from './household'
import { otherFigures } from './otherFigures'
import type { FeatureWish } from './featureWishes'
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
    supplyEvery: string
    washing: '' | NonNullable<Household['trip']['washing']>
    place: string
    shade: '' | NonNullable<Household['trip']['shade']>
    panelWatts: string
    generatorHours: string
    movesEvery: string
    driveHours: string
    spreads: '' | NonNullable<Household['trip']['spreads']>
    plugsIn: '' | NonNullable<Household['trip']['plugsIn']>
  }
  limits: { budget: string; trailerLength: string; rigLength: string }
  guestsCome: Household['guestsCome']
  gear: GearDraft[]
  stances: Record<string, Stance | ''>
  wishes: { feature: string; is: string; stance: FeatureWish['stance'] }[]
  /** Odd texts besides those of people and vehicle that were questioned, and are so. */
  sure: SureText[]
  notes: string
}

/** Which figure, by its id: `gear.kayak.weight`. */
export interface SureText {
  figure: string
  text: string
}

/** What is typed of a rating that was asked and that they do not know. */
export const NOT_KNOWN = '?'

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
  owner: string
}

/** A kept household as texts to edit, in the person's measures. */
export function draftOf(household: Household, system: MeasureSystem = 'us'): HouseholdDraft {
  const { people, pets, vehicle, trip, limits, gear } = household
  const draft: HouseholdDraft = {
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
      ratings: eachRating((key) =>
        vehicle.unknown?.includes(key)
          ? { value: NOT_KNOWN, source: 'label' }
          : ratingDraft(best(vehicle.readings[key]), key, system),
      ),
    },
    trip: {
      ...trip,
      nights: String(trip.nights),
      fresh: trip.fresh ?? '',
      belongings: weightText(trip.belongings, system),
      hitch: weightText(trip.hitch, system),
      supplyEvery: numberText(trip.supplyEvery),
      washing: trip.washing ?? '',
      place: trip.place ?? '',
      shade: trip.shade ?? '',
      panelWatts: numberText(trip.panelWatts),
      generatorHours: numberText(trip.generatorHours),
      movesEvery: numberText(trip.movesEvery),
      driveHours: numberText(trip.driveHours),
      spreads: trip.spreads ?? '',
      plugsIn: trip.plugsIn ?? '',
    },
    limits: {
      budget: numberText(limits.budget),
      trailerLength: lengthText(limits.trailerLength, system),
      rigLength: lengthText(limits.rigLength, system),
    },
    guestsCome: household.guestsCome,
    gear: gear.map((item) => gearDraft(item, system)),
    sure: [],
    wishes: (household.wishes ?? []).map(({ is = '', ...wish }) => ({ ...wish, is })),
    stances: { ...household.stances } as Partial<Record<StanceId, Stance>> as Record<string, Stance>,
    notes: household.notes ?? '',
  }
  const texts = new Map(otherFigures<string>(draft).map(({ figure, value }) => [figure, value]))
  draft.sure = (household.sure ?? []).flatMap(({ figure }) => {
    const text = texts.get(figure)
    return text === undefined ? [] : [{ figure, text }]
  })
  return draft
}

/** An interview that has not begun: one person, nothing known. */
export function emptyDraft(): HouseholdDraft {
  return {
    name: '',
    people: [emptyPerson([])],
    pets: [],
    vehicle: { name: '', ratings: eachRating(() => ({ value: '', source: 'label' })) },
    trip: {
      nights: '4',
      hookups: 'full',
      season: 'summer',
      fresh: '',
      belongings: '',
      hitch: '',
      supplyEvery: '',
      washing: '',
      place: '',
      shade: '',
      panelWatts: '',
      generatorHours: '',
      movesEvery: '',
      driveHours: '',
      spreads: '',
      plugsIn: '',
    },
    limits: { budget: '', trailerLength: '', rigLength: '' },
    guestsCome: 'never',
    gear: [],
    stances: {},
    wishes: [],
    sure: [],
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

const sizeText = (size: Gear['size'], system: MeasureSystem): SizeDraft => ({
  length: lengthText(size?.length, system),
  width: lengthText(size?.width, system),
  height: lengthText(size?.height, system),
})

/** A thing as texts to edit; of something new nothing but its id need be given. */
export function gearDraft(
  {
    id,
    name,
    count,
    weight,
    size,
    rides,
    fuel,
    turns,
    stacks,
    fragile,
    keep,
    first,
    owner,
    usualWeight,
  }: Partial<Gear> & { id: string },
  system: MeasureSystem = 'us',
): GearDraft {
  return {
    id,
    name: name ?? '',
    count: String(count ?? 1),
    weight: usualWeight ? '' : weightText(weight, system),
    size: sizeText(size, system),
    rides: rides ?? 'trailer',
    fuel: fuel ?? false,
    turns: turns ?? 'any',
    alone: stacks === false,
    fragile: fragile ?? false,
    keep: keep ?? '',
    first: first ?? '',
    owner: owner ?? '',
  }
}

/** `gear-3` when `gear-1` and `gear-2` are taken. */
export function freeId(stem: string, others: readonly { id: string }[]): string {
  for (let n = 1; ; n++) if (!others.some(({ id }) => id === `${stem}-${n}`)) return `${stem}-${n}`
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

const numberText = (value: number | undefined): string => (value === undefined ? '' : String(value))

function weightText(value: number | undefined, system: MeasureSystem): string {
  if (value === undefined) return ''
  return system === 'metric' ? `${Math.round((value / LB_PER_KG) * 10) / 10} kg` : String(value)
}
