import type { Household } from '@hitchet/core/household/household'
import { pulled as otherUnits, type Pulled } from '@hitchet/core/match/pulled'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { sheetsOf } from './sheets'

/** Other units of the lot that a household can pull. */
export const pulled = async (job: { instead: string; household: Household; rules: HouseRules }): Promise<Pulled[]> =>
  otherUnits(await sheetsOf(job.rules), job.instead, job.household, job.rules)
