import { DEFAULT_HOUSE_RULES, type HouseRules } from '@hitchet/core/rules/houseRules'
import type { Climates } from '@hitchet/core/household/climate'
import { climates } from './climates'

/** The dealership's thresholds and tables: the one place from which all that answers takes them. */
export function houseRules(): HouseRules {
  const { rows } = climates()
  if (rows === DEFAULT_HOUSE_RULES.camping.climates) return DEFAULT_HOUSE_RULES
  if (own?.of !== rows)
    own = { of: rows, rules: { ...DEFAULT_HOUSE_RULES, camping: { ...DEFAULT_HOUSE_RULES.camping, climates: rows } } }
  return own.rules
}

let own: { of: Climates; rules: HouseRules } | undefined
