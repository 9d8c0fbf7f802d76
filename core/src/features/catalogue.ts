import { BUILDING_FEATURES } from './building'
import { INSIDE_FEATURES } from './inside'
import { OUTSIDE_FEATURES } from './outside'
import type { Features } from './feature'

/** All that is told on a lot beside what is measured: by the name under which `trailer.json` keeps it. */
export const FEATURES = { ...OUTSIDE_FEATURES, ...INSIDE_FEATURES, ...BUILDING_FEATURES } as const satisfies Features
export type FeatureId = keyof typeof FEATURES
export const FEATURE_IDS = Object.keys(FEATURES) as FeatureId[]
