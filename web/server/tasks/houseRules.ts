import { userInfo } from 'node:os'
import { RULES } from '@hitchet/core/rules/houseRules'
import type { Rule } from '@hitchet/core/rule/rule'
import { disconnect } from '../db/database'
import { setRules } from '../db/houseRules'
import { BadRule, setHouseRule } from '../services/houseRules'
import { stop } from './askPassword'
import './ready'

/**
 * houseRules: every rule of the house as it stands. houseRules RULE VALUE sets one, houseRules RULE default puts it back; who is
 * running goes by it within a second.
 */
const [key, typed] = process.argv.slice(2)
if (key === undefined) await list()
else await set(key, typed)
await disconnect()

async function list(): Promise<void> {
  const set = await setRules()
  for (const [key, rule] of RULES) {
    const value = set.get(key)
    const now =
      value === undefined ? figure(rule, rule.value) : `${figure(rule, value)} (default ${figure(rule, rule.value)})`
    console.log(`${key}  ${now}  ${rule.label}; ${figure(rule, rule.least)} to ${figure(rule, rule.most)}. ${rule.why}`)
  }
}

async function set(key: string, typed: string | undefined): Promise<void> {
  const value = typed === 'default' ? undefined : Number(typed)
  if (typed === undefined || typed.trim() === '')
    stop('Say what to set it to: houseRules RULE VALUE, or houseRules RULE default')
  try {
    const before = await setHouseRule(key, value, `${userInfo().username}, from the command line`)
    const rule = RULES.get(key)!
    console.log(`${rule.label}: ${figure(rule, value ?? rule.value)}, was ${figure(rule, before)}.`)
  } catch (failure) {
    if (!(failure instanceof BadRule)) throw failure
    stop(failure.message)
  }
}

/** As it is typed, with its unit. */
function figure({ unit }: Rule, value: number): string {
  return unit === 'number' || unit === 'share' ? String(value) : unit === 'heat' ? `${value} BTU` : `${value} ${unit}`
}
