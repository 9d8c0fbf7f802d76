import type { Unit } from '../quantity/quantity'

/** What a rule is set in: a unit of figures, a share (0.1 is shown as 10 %), an amount of heat, or a plain number. */
export type RuleUnit = Unit | 'share' | 'heat' | 'number'

/** One threshold of the house, as data: what its form, its check and its words are made from. */
export interface Rule {
  readonly label: string
  /** While the dealership sets no other. */
  readonly value: number
  readonly unit: RuleUnit
  /** It can be set from `least` to `most`, both included, `step` by `step` from `least`. */
  readonly least: number
  readonly most: number
  readonly step: number
  /** Where the default comes from. */
  readonly why: string
}

/** A figure among the rules that no dealership sets: physics, a standard's own scale, a table with a home of its own. */
export interface Fixed<T> {
  readonly fixed: T
  readonly why: string
}

/** Rules under their keys, in as many steps as read well. */
export interface RuleTable {
  readonly [key: string]: Rule | Fixed<unknown> | RuleTable
}

/** The values alone, as everything that judges takes them. */
export type ValuesOf<Table> = {
  -readonly [K in keyof Table]: Table[K] extends Rule
    ? number
    : Table[K] extends Fixed<infer T>
      ? T
      : ValuesOf<Table[K]>
}

export const rule = (
  label: string,
  value: number,
  unit: RuleUnit,
  [least, most]: readonly [number, number],
  why: string,
  step = STEPS[unit] ?? 1,
): Rule => ({ label, value, unit, least, most, step, why })

const STEPS: Partial<Record<RuleUnit, number>> = { share: 0.01, number: 0.1 }

export const fixed = <T>(value: T, why: string): Fixed<T> => ({ fixed: value, why })

/** The values that the rules have while nobody sets others. */
export function defaultsOf<Table extends object>(table: Table): ValuesOf<Table> {
  return Object.fromEntries(
    Object.entries(table as unknown as RuleTable).map(([key, one]) => [
      key,
      isRule(one) ? one.value : isFixed(one) ? one.fixed : defaultsOf(one),
    ]),
  ) as ValuesOf<Table>
}

/** Every rule of a table with its path from there: `rearAxle.emptyLeast`. */
export const rulesIn = (table: object): { path: string; rule: Rule }[] =>
  Object.entries(table as RuleTable).flatMap(([key, one]) =>
    isRule(one)
      ? [{ path: key, rule: one }]
      : isFixed(one)
        ? []
        : rulesIn(one).map(({ path, rule }) => ({ path: `${key}.${path}`, rule })),
  )

/** What is wrong with a value for a rule, as what would be right; undefined when it may be set. */
export function wrongFor({ least, most, step }: Rule, value: number): string | undefined {
  const steps = (value - least) / step
  const isStep = Math.abs(steps - Math.round(steps)) < 1e-6
  return Number.isFinite(value) && value >= least - HAIR && value <= most + HAIR && isStep
    ? undefined
    : `a number from ${least} to ${most} in steps of ${step}`
}

/** What is 0.13 but for the rounding of a machine is 0.13. */
const HAIR = 1e-9

const isRule = (one: RuleTable[string]): one is Rule => typeof (one as Partial<Rule>).least === 'number'
const isFixed = (one: RuleTable[string]): one is Fixed<unknown> => 'fixed' in one
