import type { Household } from '@hitchet/core/household/household'
import { judgeFor } from '@hitchet/core/match/judge'
import { matchRow, sameUnits, type MatchRow, type SameUnit } from '@hitchet/core/match/told/row'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { trailersById } from '../db/trailers'
import { sheetsOf } from './sheets'

/** Units of one plan, by their ids: the first of them, those that are told beside it, and how many there are besides. */
export interface RowAsked {
  first: string
  others: readonly string[]
  more: number
}

interface Of {
  household: Household
  rules: HouseRules
}

/** Rows of a match; nothing where a unit is gone meanwhile. All words of it are made here, away from the thread that answers. */
export async function rows({ asked, ...of }: Of & { asked: readonly RowAsked[] }): Promise<(MatchRow | undefined)[]> {
  const told = await toldOf(
    asked.flatMap(({ first, others }) => [first, ...others]),
    of,
  )
  return asked.map(({ first, others, more }) => {
    const own = told.get(first)
    if (!own) return undefined
    const same = others.flatMap((id) => told.get(id) ?? [])
    return matchRow(own, same, more, of.household, of.rules.ranking)
  })
}

/** What tells others of a plan apart from its first unit. */
export async function same({
  first,
  others,
  ...of
}: Of & { first: string; others: readonly string[] }): Promise<SameUnit[]> {
  const told = await toldOf([first, ...others], of)
  const own = told.get(first)
  return own
    ? sameUnits(
        own,
        others.flatMap((id) => told.get(id) ?? []),
      )
    : []
}

/** Units with all that a household is answered on them. */
async function toldOf(ids: readonly string[], { household, rules }: Of) {
  const judge = judgeFor(household, rules)
  const [stocked, sheets] = await Promise.all([trailersById([...ids]), sheetsOf(rules, ids)])
  const trailers = new Map(stocked.map(({ id, trailer }) => [id, trailer]))
  return new Map(
    sheets.flatMap(({ id, facts }) => {
      const trailer = trailers.get(id)
      return trailer ? [[id, { trailer, answers: judge(facts) }] as const] : []
    }),
  )
}
