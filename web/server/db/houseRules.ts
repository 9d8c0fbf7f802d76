import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import type { SetRules } from '@hitchet/core/rules/houseRules'
import { database, inTransaction } from './database'

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

/**
 * Returns what the rule stood at. Of two who set it in the same moment both may have found it as it was before either: what it
 * stands at is what the later one set. `usual`: its default, at which it stands while nobody has set it.
 */
export const addRuleSet = ({ rule, value, usual, by }: Omit<RuleSet, 'before'> & { usual: number }): Promise<number> =>
  inTransaction(async (transaction) => {
    const [last] = await database().query<{ value: number | null }>(
      'SELECT value FROM house_rules WHERE rule = :rule ORDER BY set_at DESC, id DESC LIMIT 1',
      { type: QueryTypes.SELECT, replacements: { rule }, transaction },
    )
    const before = last?.value ?? usual
    await database().query(
      'INSERT INTO house_rules (id, rule, value, `before`, set_by, set_at) VALUES (:id, :rule, :value, :before, :by, NOW(3))',
      { type: QueryTypes.INSERT, replacements: { id: uuid(), rule, value: value ?? null, before, by }, transaction },
    )
    return before
  })

/** Who set what, the latest first. */
export async function latestRuleSets(most: number): Promise<(RuleSet & { at: Date })[]> {
  const rows = await database().query<Omit<RuleSet, 'value'> & { value: number | null; at: Date }>(
    `SELECT rule, value, \`before\`, set_by AS \`by\`, set_at AS at FROM house_rules
      ORDER BY set_at DESC, id DESC LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { most } },
  )
  return rows.map(({ value, ...one }) => ({ ...one, ...(value !== null && { value }) }))
}
