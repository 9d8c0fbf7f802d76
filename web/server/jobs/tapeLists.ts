import type { Household } from '@hitchet/core/household/household'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import { judgeFor } from '@hitchet/core/match/judge'
import { waitedFor, type Waited } from '@hitchet/core/match/tapeList'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { trailerName, type Trailer } from '@hitchet/core/trailer/trailer'

export interface TapeListJob {
  /** Both as stored text, parsed here. */
  units: readonly { document: string; facts: string }[]
  households: readonly Household[]
  rules: HouseRules
}

/** A unit on which readings are waited for. */
export interface UnitWaits {
  stock: string
  name: string
  waits: Waited[]
}

/** For each of some households the units on which a reading could change one of their answers. */
export function tapeLists({ units, households, rules }: TapeListJob): UnitWaits[][] {
  const parsed = units.map(({ document, facts }) => ({
    trailer: JSON.parse(document) as Trailer,
    facts: JSON.parse(facts) as FactSheet,
  }))
  return households.map((household) => {
    const judge = judgeFor(household, rules)
    return parsed.flatMap(({ trailer, facts }) => {
      const waits = waitedFor(trailer, household, judge(facts), rules)
      return waits.length ? [{ stock: trailer.stock, name: trailerName(trailer), waits }] : []
    })
  })
}
