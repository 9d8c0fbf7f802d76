import type { ReadingValue } from '../../readings/reading'
import type { HouseRules } from '../../rules/houseRules'
import { withReading } from '../../trailer/things'
import type { Trailer } from '../../trailer/trailer'
import { factsOn, type FactSheet } from '../factSheet'

/**
 * A unit as it would be with some readings taken otherwise, and its facts: each made once, whoever tries the same. Two hundred
 * households that wait for one payload try the same two payloads.
 */
export interface Variant {
  trailer: Trailer
  facts: FactSheet
  /** With one more reading; itself where nothing on it is called so. */
  with(key: string, value: ReadingValue): Variant
}

export function variantOf(trailer: Trailer, rules: HouseRules): Variant {
  const tried = new Map<string, Variant>()
  const own: Variant = {
    trailer,
    facts: factsOn(trailer, rules),
    with(key, value) {
      const name = `${key}=${String(value)}`
      const known = tried.get(name)
      if (known) return known
      // As odd as they are, these ends are meant.
      const next = withReading(trailer, key, { value, source: 'measured', confirmed: true })
      const variant = next ? variantOf(next, rules) : own
      tried.set(name, variant)
      return variant
    },
  }
  return own
}
