import type { Household } from './household'

/**
 * Whether two documents speak of one household: the same name, whatever its letters' case and accents, and
 * somebody of it by name. Two families of one surname have nobody in common.
 */
export const sameHousehold = (a: Household, b: Household): boolean =>
  plain(a.name) === plain(b.name) && (inCommon(a, b) > 0 || a.people.length + b.people.length === 0)

/** How many of the people are in both, by name. */
export function inCommon(a: Household, b: Household): number {
  const names = new Set(b.people.map(({ name }) => plain(name)))
  return a.people.filter(({ name }) => names.has(plain(name))).length
}

const plain = (text: string): string =>
  text.normalize('NFKD').replace(/\p{M}/gu, '').replace(/\s+/g, ' ').trim().toLowerCase()
