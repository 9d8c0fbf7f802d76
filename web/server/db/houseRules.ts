import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import type { SetRules } from '@hitchet/core/rules/houseRules'
import { database } from './database'

/** One time that somebody set a rule. */
export interface RuleSet {
  rule: string
  /** Absent: back to the default. */
  value?: number
  before: number
  by: string
}

/** Grows by every rule that is set, and by nothing else: no row is ever taken away. */
export async function rulesRevision(): Promise<number> {
  const [row] = await database().query<{ sets: number }>('SELECT COUNT(*) AS sets FROM house_rules', {
    type: QueryTypes.SELECT,
  })
  return Number(row!.sets)
}

/** The rules that stand at another value than their default. */
export async function setRules(): Promise<SetRules> {
  const rows = await database().query<{ rule: string; value: number | null }>(
    'SELECT rule, value FROM house_rules ORDER BY set_at, id',
    { type: QueryTypes.SELECT },
  )
  const last = new Map(rows.map(({ rule, value }) => [rule, value]))
  return new Map([...last].flatMap(([rule, value]) => (value === null ? [] : [[rule, value] as const])))
}

/** Returns what the rule stood at: read as it is written over. `usual`: its default, at which it stands while nobody has set it. */
export async function addRuleSet(set: Omit<RuleSet, 'before'> & { usual: number }): Promise<number> {
  const id = uuid()
  const { rule, value = null, usual, by } = set
  await database().query(
    `INSERT INTO house_rules (id, rule, value, \`before\`, set_by, set_at)
      SELECT :id, :rule, :value,
        COALESCE((SELECT value FROM house_rules WHERE rule = :rule ORDER BY set_at DESC, id DESC LIMIT 1), :usual),
        :by, NOW(3)`,
    { type: QueryTypes.INSERT, replacements: { id, rule, value, usual, by } },
  )
  const [row] = await database().query<{ before: number }>('SELECT `before` FROM house_rules WHERE id = :id', {
    type: QueryTypes.SELECT,
    replacements: { id },
  })
  return row!.before
}

/** Who set what, the latest first. */
export async function latestRuleSets(most: number): Promise<(RuleSet & { at: Date })[]> {
  const rows = await database().query<Omit<RuleSet, 'value'> & { value: number | null; at: Date }>(
    `SELECT rule, value, \`before\`, set_by AS \`by\`, set_at AS at FROM house_rules
      ORDER BY set_at DESC, id DESC LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { most } },
  )
  return rows.map(({ value, ...one }) => ({ ...one, ...(value !== null && { value }) }))
}
