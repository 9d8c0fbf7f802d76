import type { Household } from '../household/household'
import { stillOpen } from '../match/told/pitch'
import type { Answers } from '../match/judge'
import { capital } from '../plan/naming'
import type { Trailer } from '../trailer/trailer'

/** What is to be known before anybody decides: what they read at home, and what is measured or looked at on the unit. */
export interface ReadFirst {
  atHome: string[]
  onTheUnit: string[]
}

/** Labels outrank whatever is reckoned here, so they are named even when every answer is in. */
const LABELS = [
  'Your vehicle’s own door label: payload, and both axles',
  'Your vehicle’s manual: tow rating and GCWR for your engine and axle',
]
const ON_THE_UNIT = ['The trailer’s own label: GVWR and cargo capacity']

export function readFirst(answers: Answers, trailer: Trailer, household: Household): ReadFirst {
  const { ask, measure, look } = stillOpen(answers, trailer, household, 'your')
  const theirs = ask.filter((one) => !one.startsWith('your '))
  const ratings = ask.filter((one) => one.startsWith('your '))
  return {
    atHome: [...(answers.tow ? LABELS : []), ...ratings.map(capital), ...theirs.map(capital)],
    onTheUnit: [...ON_THE_UNIT, ...[...measure, ...look].map(capital)],
  }
}
