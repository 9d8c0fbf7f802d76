import { FEATURES, FEATURE_IDS, type FeatureId } from '../features/catalogue'
import type { Feature } from '../features/feature'

/** Something of the catalogue that they would like or would rather not have: a wish, never a must. */
export interface FeatureWish {
  feature: FeatureId
  /** Of a choice, which: absent, any but none. */
  is?: string
  stance: 'want' | 'avoid'
}

/** One can hold a wish about a yes or no, and about each of a choice. */
export interface Wishable extends Pick<FeatureWish, 'feature' | 'is'> {
  label: string
  place: Feature['place']
}

/** All that a wish can be about, in the order of the walk. */
export const WISHABLE: readonly Wishable[] = FEATURE_IDS.flatMap((feature): Wishable[] => {
  const { kind, label, place, choices = [] }: Feature = FEATURES[feature]
  if (kind === 'yes-no') return [{ feature, label, place }]
  const each = choices.filter((is) => is !== 'none').map((is) => ({ feature, is, label: `${label}, ${is}`, place }))
  return each.length < choices.length ? [{ feature, label: `${label}, of any kind`, place }, ...each] : each
})

export const wishLabel = ({ feature, is }: Pick<FeatureWish, 'feature' | 'is'>): string =>
  is === undefined ? FEATURES[feature].label : `${FEATURES[feature].label}, ${is}`
