import type { MeasureSystem } from '../../quantity/format'
import type { Quantity } from '../../quantity/quantity'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import { best, type Reading, type Source } from '../../readings/reading'
import type { Gear, Household, NEEDS, Pet } from '../household'
import { otherFigures } from '../otherFigures'
import type { FeatureWish } from '../wishes/featureWishes'
import type { Stance, StanceId } from '../wishes/stances'
import { GEAR_FIELDS, PET_FIELDS, SIZE_FIELDS } from '../told/alongFields'
import { emptyOf, figureText, textsOf } from '../told/draft'
import { LIMIT_FIELDS } from '../told/limitFields'
import { PERSON_FIELDS } from '../told/personFields'
import type { DraftOf } from '../told/shapes'
import { TRIP_FIELDS } from '../told/tripFields'

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
  trip: DraftOf<typeof TRIP_FIELDS>
  limits: DraftOf<typeof LIMIT_FIELDS>
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

export interface PersonDraft extends DraftOf<typeof PERSON_FIELDS> {
  id: string
  name: string
  /** The texts that are odd, were questioned, and are so. */
  sure: { height: string; weight: string }
  partner: string
  needs: (typeof NEEDS)[number][]
  sharesWith: string[]
  neverBeside: string[]
}

/** Three lengths as texts; all empty: not asked yet, or none. */
export type SizeDraft = DraftOf<typeof SIZE_FIELDS>

export interface PetDraft extends DraftOf<typeof PET_FIELDS> {
  id: string
  name: string
  crate: SizeDraft
}

export interface GearDraft extends DraftOf<typeof GEAR_FIELDS> {
  id: string
  name: string
  size: SizeDraft
  alone: boolean
  owner: string
}

/** A kept household as texts to edit, in the person's measures. */
export function draftOf(household: Household, system: MeasureSystem = 'us'): HouseholdDraft {
  const { people, pets, vehicle, trip, limits, gear } = household
  const draft: HouseholdDraft = {
    name: household.name,
    people: people.map((person) => {
      const { id, name, sure, partner, needs, sharesWith, neverBeside } = person
      const texts = textsOf(PERSON_FIELDS, person, system)
      return {
        id,
        name,
        ...texts,
        sure: {
          height: sure?.includes('height') ? texts.height : '',
          weight: sure?.includes('weight') ? texts.weight : '',
        },
        partner: partner ?? '',
        needs: needs ?? [],
        sharesWith: sharesWith ?? [],
        neverBeside: neverBeside ?? [],
      }
    }),
    pets: pets.map((pet) => petDraft(pet, system)),
    vehicle: {
      name: vehicle.name,
      ratings: eachRating((key) =>
        vehicle.unknown?.includes(key)
          ? { value: NOT_KNOWN, source: 'label' }
          : ratingDraft(best(vehicle.readings[key]), key, system),
      ),
    },
    trip: textsOf(TRIP_FIELDS, trip, system),
    limits: textsOf(LIMIT_FIELDS, limits, system),
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
    trip: emptyOf(TRIP_FIELDS),
    limits: emptyOf(LIMIT_FIELDS),
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
  ...emptyOf(PERSON_FIELDS),
  sure: { height: '', weight: '' },
  partner: '',
  needs: [],
  sharesWith: [],
  neverBeside: [],
})

/** A pet as texts to edit; of a new one nothing but its id need be given. */
export const petDraft = (pet: Partial<Pet> & { id: string }, system: MeasureSystem = 'us'): PetDraft => ({
  id: pet.id,
  name: pet.name ?? '',
  ...textsOf(PET_FIELDS, pet, system),
  crate: textsOf(SIZE_FIELDS, pet.crate ?? {}, system),
})

/** A thing as texts to edit; of something new nothing but its id need be given. */
export const gearDraft = (
  { usualWeight, ...gear }: Partial<Gear> & { id: string },
  system: MeasureSystem = 'us',
): GearDraft => ({
  id: gear.id,
  name: gear.name ?? '',
  ...textsOf(GEAR_FIELDS, gear, system),
  ...(usualWeight && { weight: '' }),
  size: textsOf(SIZE_FIELDS, gear.size ?? {}, system),
  alone: gear.stacks === false,
  owner: gear.owner ?? '',
})

/** `gear-3` when `gear-1` and `gear-2` are taken. */
export function freeId(stem: string, others: readonly { id: string }[]): string {
  for (let n = 1; ; n++) if (!others.some(({ id }) => id === `${stem}-${n}`)) return `${stem}-${n}`
}

function ratingDraft(reading: Reading | undefined, key: VehicleKey, system: MeasureSystem): RatingDraft {
  if (!reading || typeof reading.value !== 'number') return { value: '', source: 'label' }
  const { unit } = VEHICLE_READS[key] as { unit?: Quantity['unit'] }
  const value = figureText(reading.value, unit, system)
  return { value, source: reading.source, ...(reading.confirmed && { confirmed: value }) }
}

function eachRating<T>(make: (key: VehicleKey) => T): Record<VehicleKey, T> {
  return Object.fromEntries((Object.keys(VEHICLE_READS) as VehicleKey[]).map((key) => [key, make(key)])) as Record<
    VehicleKey,
    T
  >
}
