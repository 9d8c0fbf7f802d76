import type { Household } from '../household/household'
import type { Phrase } from '../quantity/phrase'

/** Something that nobody asked a household yet, and what they could say. */
export interface Open {
  /** Which field of the interview takes the answer, by its path; people by their place among them. */
  field: string
  asks: Phrase
  /** What they may well answer, each as often as the others unless it says how often. */
  answers: readonly { household: Household; weight?: number }[]
  /** A wish that no unit grants is no way to choose among them. */
  isWish?: boolean
}

/** Between the lower and the upper half of what is left: figures a quarter, a half, three quarters and all of it keep. */
export function quarters(values: readonly (number | undefined)[]): number[] {
  const known = values.flatMap((value) => value ?? []).sort((a, b) => a - b)
  return known.length < 2 ? [] : [0.25, 0.5, 0.75, 1].map((share) => known[Math.ceil(share * known.length) - 1]!)
}

/** A limit that nobody named, at the quarters of what is left. */
export function openLimit(
  household: Household,
  key: 'budget' | 'trailerLength',
  asks: Phrase,
  values: readonly (number | undefined)[],
): Open[] {
  if (household.limits[key] !== undefined) return []
  const at = quarters(values)
  const limited = (value: number) => ({
    household: { ...household, limits: { ...household.limits, [key]: value } },
  })
  return at.length ? [{ field: `limits.${key}`, asks, answers: at.map(limited) }] : []
}
