import type { Household } from '@hitchet/core/household/household'
import { judgeFor } from '@hitchet/core/match/judge'
import { questionOf } from '@hitchet/core/questions/index'
import { pulled as otherUnits, type Pulled } from '@hitchet/core/questions/tow/pulled'
import { tow } from '@hitchet/core/questions/tow/tow'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sheetsOf } from './sheets'

/** Other units of the lot that a household can pull. */
export async function pulled(job: { instead: string; household: Household; rules: HouseRules }): Promise<Pulled[]> {
  const judge = judgeFor(job.household, job.rules, [questionOf(tow.id)])
  return otherUnits(
    await sheetsOf(job.rules),
    job.instead,
    job.household,
    job.rules,
    (facts) => judge(facts)[tow.id]?.verdict,
  )
}
