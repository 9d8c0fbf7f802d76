import { wrongFor } from '@hitchet/core/rule/rule'
import { RULES } from '@hitchet/core/rules/houseRules'
import { addRuleSet } from '../db/houseRules'
import { isAway } from '../db/away'
import { refreshHouseRules } from '../houseRules'
import { logFault, logLine } from '../log'
import { refreshInBackground } from './cache/answerCache'

/** What somebody asked to set is no rule, or no value of one: what would be right. Nothing was set. */
export class BadRule extends Error {}

/** Sets a rule of the house, without a value back to its default; returns what it was before. @throws BadRule. */
export async function setHouseRule(key: string, value: number | undefined, by: string): Promise<number> {
  const rule = RULES.get(key)
  if (!rule) throw new BadRule(`There is no rule ${key}.`)
  const wrong = value === undefined ? undefined : wrongFor(rule, value)
  if (wrong) throw new BadRule(`${rule.label}: ${value} can’t be set. Right would be ${wrong}.`)
  return addRuleSet({ rule: key, ...(value !== rule.value && { value }), usual: rule.value, by })
}

/** Often enough that what one process sets, every other goes by within a second. */
const EVERY = 500

/** Reads the rules now and then on; what answers by others is made anew. */
export async function followHouseRules(): Promise<void> {
  await followOnce()
  setInterval(() => void followOnce(), EVERY).unref()
}

let reading: Promise<void> | undefined

/** One reading at a time: while the database is slow they do not pile up. */
const followOnce = (): Promise<void> => (reading ??= follow().finally(() => (reading = undefined)))

async function follow(): Promise<void> {
  try {
    if (!(await refreshHouseRules())) return
    logLine('house rules read')
    refreshInBackground('anything')
  } catch (failure) {
    if (!isAway(failure)) logFault('house rules', failure)
  }
}
