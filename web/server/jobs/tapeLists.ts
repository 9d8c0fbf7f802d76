import type { Household } from '@hitchet/core/household/household'
import type { FactSheet } from '@hitchet/core/match/factSheet'
import { judgeFor } from '@hitchet/core/match/judge'
import { rank } from '@hitchet/core/match/match'
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

/** The same on a unit that could still be theirs. */
export interface DecisiveWaits extends UnitWaits {
  /** Among all that could be theirs, from 1: what is first decides most. */
  place: number
}

/**
 * For each of some households what is to be measured on the units that come first for it: nothing speaks against them yet,
 * and whether anything does hangs on readings. `most`: so many places are looked at.
 */
export function decisive({ units, households, rules, most }: TapeListJob & { most: number }): DecisiveWaits[][] {
  const candidates = units.map(({ facts }, i) => ({ id: String(i), facts: JSON.parse(facts) as FactSheet }))
  return households.map((household) =>
    rank(candidates, household, rules)
      .filter(({ standing }) => standing !== 'out')
      .slice(0, most)
      .flatMap(({ id, standing, answers }, i) => {
        if (standing !== 'measure') return []
        const trailer = JSON.parse(units[Number(id)]!.document) as Trailer
        const waits = waitedFor(trailer, household, answers, rules)
        return waits.length ? [{ stock: trailer.stock, name: trailerName(trailer), waits, place: i + 1 }] : []
      }),
  )
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
