import type { FixtureKind } from '../readings/catalogue'

/** What makes up into a bed. */
export const CONVERTIBLE_KINDS = [
  'booth',
  'u-dinette',
  'jackknife-sofa',
  'tri-fold-sofa',
  'air-sofa',
  'futon',
  'convertible-lounge',
] as const satisfies FixtureKind[]
export type ConvertibleKind = (typeof CONVERTIBLE_KINDS)[number]
