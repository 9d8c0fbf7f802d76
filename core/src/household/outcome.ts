import '../flaws/wording'
import { string } from 'yup'
import { objectOf } from '../flaws/objectOf'

/** How it ended with a household. */
export const OUTCOMES = {
  bought: 'Bought here',
  elsewhere: 'Bought elsewhere',
  later: 'Not this year',
  nothing: 'Nothing on the lot for them',
  silent: 'Not heard of again',
} as const
export type OutcomeKind = keyof typeof OUTCOMES

export interface Outcome {
  kind: OutcomeKind
  /** The unit that was bought. */
  stock?: string
  /** In their words, for what the lot lacks. */
  why?: string
}

export const outcomeSchema = objectOf<Outcome>()({
  kind: string()
    .oneOf(Object.keys(OUTCOMES) as OutcomeKind[])
    .required(),
  stock: string().max(20, 'at most 20 letters'),
  why: string().max(200, 'at most 200 letters'),
})
