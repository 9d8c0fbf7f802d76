import type { Climates } from '@hitchet/core/household/climate'
import { DEFAULT_HOUSE_RULES, rulesWith, type HouseRules, type SetRules } from '@hitchet/core/rules/houseRules'
import { climates } from './climates'
import { rulesRevision, setRules } from './db/houseRules'
import { processSingleton } from './processSingleton'

/** The dealership's thresholds and tables: the one place from which all that answers takes them. */
export function houseRules(): HouseRules {
  const { rows } = climates()
  const { set, made } = held
  if (made?.set === set && made.rows === rows) return made.rules
  const rules = set.size ? rulesWith(set) : DEFAULT_HOUSE_RULES
  const own = rows === DEFAULT_HOUSE_RULES.camping.climates
  held.made = {
    set,
    rows,
    rules: own ? rules : { ...rules, camping: { ...rules.camping, climates: rows } },
  }
  return held.made.rules
}

interface Held {
  revision: number
  set: SetRules
  made?: { set: SetRules; rows: Climates; rules: HouseRules }
}

/** What the house has set, as it was last read; what a page, a route and a task see is the same. */
const held = processSingleton('house rules', (): Held => ({ revision: 0, set: new Map() }))

/** Reads what was set since, by whichever process; true when something was. Throws while the database is away. */
export async function refreshHouseRules(): Promise<boolean> {
  const revision = await rulesRevision()
  if (revision === held.revision) return false
  held.set = await setRules()
  held.revision = revision
  return true
}
