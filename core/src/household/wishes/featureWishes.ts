import { FEATURES, FEATURE_IDS, type FeatureId } from '../../features/catalogue'
import { PLACES, type Feature } from '../../features/feature'
import { EQUIPMENT_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS, TRAILER_READS } from '../../readings/catalogue'
import type { ReadingSpec, ReadingSpecs } from '../../readings/reading'
import { PLAN_FIGURES, PLAN_WISHES } from './planWishes'

/** Something that is read, noted or drawn on a unit, which they would like, must have, or would rather not have. */
export interface FeatureWish {
  /** A feature by its name; a reading, equipment or something drawn by its path: `readings.blackFlush`, `equipment.jack.drive`. */
  feature: string
  /** Of a choice, which: absent, any but none. Of a figure of the plan, from where on: `42 in`. */
  is?: string
  stance: 'must' | 'want' | 'avoid'
}

export const WISH_PLACES = {
  ...PLACES,
  plan: 'The floor plan',
  inside: 'Things inside',
  outside: 'Things outside',
  equipment: 'Equipment',
  unit: 'The unit',
} as const
export type WishPlace = keyof typeof WISH_PLACES

/** One can hold a wish about a yes or no, about each of a choice, and about whatever is there or is not. */
export interface Wishable extends Pick<FeatureWish, 'feature' | 'is'> {
  label: string
  place: WishPlace
}

/** What people argue about has its own place (`STANCES`). */
const ARGUED = new Set([
  'fixtures.tub',
  'fixtures.oven',
  'fixtures.fridge.kind',
  'fixtures.jackknife-sofa',
  'fixtures.tri-fold-sofa',
  'fixtures.theater-seats',
  'outside.outside-kitchen',
  'equipment.solar-port',
])
/** In every trailer, or wished for by what it is like. */
const USUAL = new Set([
  'toilet',
  'counter',
  'sink',
  'cooktop',
  'fridge',
  'shower',
  'cabinet',
  'overhead',
  'water-heater',
  'added',
])

/** All that a wish can be about: of the features in the order of the walk, then of the plan, of what stands in and on it. */
export const WISHABLE: readonly Wishable[] = [
  ...FEATURE_IDS.flatMap((feature) => {
    const spec: Feature = FEATURES[feature]
    return ofSpec(feature, spec.label, spec, spec.place)
  }),
  ...Object.entries(PLAN_WISHES).map(([key, label]): Wishable => ({ feature: `plan.${key}`, label, place: 'plan' })),
  ...Object.entries(PLAN_FIGURES).flatMap(([key, { label, unit, steps }]) =>
    steps.map((step): Wishable => ({
      feature: `plan.${key}`,
      is: `${step} ${unit}`,
      label: `${label} ${step} ${unit} or more`,
      place: 'plan',
    })),
  ),
  ...ofKinds('fixtures', FIXTURE_KINDS, 'inside'),
  ...ofKinds('outside', OUTSIDE_KINDS, 'outside'),
  ...ofKinds('equipment', EQUIPMENT_KINDS, 'equipment'),
  ...Object.entries(TRAILER_READS as ReadingSpecs).flatMap(([key, spec]) =>
    ofSpec(`readings.${key}`, spec.label, spec, 'unit'),
  ),
]

function ofSpec(feature: string, label: string, { kind, choices = [] }: ReadingSpec, place: WishPlace): Wishable[] {
  if (kind === 'yes-no') return [{ feature, label, place }]
  if (kind !== 'choice') return []
  const each = choices.filter((is) => is !== 'none').map((is) => ({ feature, is, label: `${label}, ${is}`, place }))
  return each.length < choices.length ? [{ feature, label: `${label}, of any kind`, place }, ...each] : each
}

function ofKinds(
  list: string,
  kinds: Readonly<Record<string, { name: string; reads: ReadingSpecs }>>,
  place: WishPlace,
): Wishable[] {
  return Object.entries(kinds).flatMap(([kind, { name, reads }]) => {
    const path = `${list}.${kind}`
    const own: Wishable[] = USUAL.has(kind) || ARGUED.has(path) ? [] : [{ feature: path, label: name, place }]
    const choices = Object.entries(reads)
      .filter(([key, { kind: of, ifWaited }]) => of === 'choice' && !ifWaited && !ARGUED.has(`${path}.${key}`))
      .flatMap(([key, spec]) => ofSpec(`${path}.${key}`, `${name}, ${spec.label.toLowerCase()}`, spec, place))
    return [...own, ...choices]
  })
}

const labels = new Map(WISHABLE.map((one) => [`${one.feature}=${one.is ?? ''}`, one.label]))

export const wishLabel = ({ feature, is }: Pick<FeatureWish, 'feature' | 'is'>): string =>
  labels.get(`${feature}=${is ?? ''}`) ?? feature

export const isFeature = (feature: string): feature is FeatureId => feature in FEATURES
