import { trustedHousehold } from '@hitchet/core/household/doubts'
import type { Household } from '@hitchet/core/household/household'
import { judgeFor, type Answers } from '@hitchet/core/match/judge'
import { seenBy, type SeenUnit } from '@hitchet/core/match/seen'
import type { Nights } from '@hitchet/core/nights/nights'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sharedFor } from '@hitchet/core/solver/solvers'
import { factsThere, storedKey } from '../db/facts'
import { noteFault } from '../db/faults'
import { outcomeOf, type NotFigured } from './outcome'
import { sheetsOf, type Sheet } from './sheets'

interface Of {
  household: Household
  rules: HouseRules
}

/** A unit through a household's eyes; nothing when it is gone meanwhile. */
export const seen = ({ household, rules, unit }: Of & { unit: string }): Promise<SeenUnit | NotFigured | undefined> =>
  figuredOn(unit, rules, ({ facts }) => seenBy(facts, household, rules))

/** The same for units side by side: what they are answered on it, and their nights in it. */
export const compared = ({
  household,
  rules,
  unit,
}: Of & { unit: string }): Promise<{ answers: Answers; nights: Nights } | NotFigured | undefined> =>
  figuredOn(unit, rules, ({ facts }) => {
    const { nights } = sharedFor(trustedHousehold(household), rules)(facts)
    return { answers: judgeFor(household, rules)(facts), nights }
  })

async function figuredOn<Figured>(
  unit: string,
  rules: HouseRules,
  figure: (sheet: Sheet) => Figured,
): Promise<Figured | NotFigured | undefined> {
  const [sheet] = await sheetsOf(rules, [unit])
  if (!sheet) {
    const [row] = await factsThere(storedKey(rules), [unit])
    return row?.failed ? { failed: row.failed } : undefined
  }
  const outcome = outcomeOf(() => figure(sheet))
  if ('kept' in outcome) return outcome.kept
  await noteFault(`a look at unit ${unit}`, outcome.failure)
  return { failed: outcome.failed }
}
