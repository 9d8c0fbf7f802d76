import type { Household } from '../../household/household'
import type { CautionId } from '../../questions/cautions'
import type { QuestionId } from '../../questions/index'
import type { Verdict } from '../../questions/reason'
import type { Trailer } from '../../trailer/trailer'

/** What an experienced consultant would say of a household and a unit, written down before the program was asked. */
export interface Case {
  says: string
  of: Household
  unit: Trailer
  question: QuestionId
  verdict: Verdict
  reason: RegExp
  caution?: CautionId
}
