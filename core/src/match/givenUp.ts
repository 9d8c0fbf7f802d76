import type { Household } from '../household/household'
import { STANCE_IDS, STANCES, type StanceId } from '../household/wishes/stances'
import { says } from '../quantity/phrase'
import type { Change } from '../questions/change'
import { QUESTIONS, type QuestionId } from '../questions/index'
import { lowered } from '../questions/lowered'

/** Something they insist on, made a wish that only weighs; and the question that hears of it. */
export interface GivenUp {
  change: Change
  question: QuestionId
}

/** Each thing that a household must have, given up by itself. */
export const mustsGivenUp = (household: Household, size: number): GivenUp[] => [
  ...STANCE_IDS.filter((one) => household.stances[one] === 'must').map((one) => ({
    change: stanceGivenUp(one, size),
    question: STANCES[one].question,
  })),
  ...QUESTIONS.flatMap(({ id, musts }) => (musts?.(household, size) ?? []).map((change) => ({ change, question: id }))),
]

const stanceGivenUp = (id: StanceId, size: number): Change => ({
  id: `wish:${id}`,
  size,
  says: says`${STANCES[id].without ?? `they do without ${lowered(STANCES[id].label)}`}`,
  change: (now) => ({
    ...now,
    household: { ...now.household, stances: { ...now.household.stances, [id]: 'want' } },
  }),
})
