import { DEFAULT_HOUSE_RULES, type HouseRules } from '@hitchet/core/rules/houseRules'

/** The dealership's thresholds: the one place from which all that answers takes them. */
export const houseRules = (): HouseRules => DEFAULT_HOUSE_RULES
