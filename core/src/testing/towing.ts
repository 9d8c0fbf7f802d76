import { phraseText } from '../quantity/phrase'
import { estimateOf } from '../questions/tow/estimate'
import { tow } from '../questions/tow/tow'
import { DEFAULT_HOUSE_RULES } from '../rules/houseRules'
import { stowingFacts } from '../stowing/facts'
import { ridesInIt, stowed } from '../stowing/stowed'
import type { Household } from '../household/household'
import type { Trailer } from '../trailer/trailer'
import { answerTo } from './answerTo'
import { household, person, vehicle } from './someone'

const rules = DEFAULT_HOUSE_RULES
export const judge = (trailer: Trailer, of: Household) => answerTo(tow, trailer, of)
export const says = (trailer: Trailer, of: Household) =>
  judge(trailer, of).because.map((reason) => phraseText(reason.says))
export const estimate = (trailer: Trailer, of: Household) =>
  estimateOf(
    tow.facts(trailer, {}, rules.ways) as never,
    tow.need(of, rules.tow, rules)!,
    stowed(stowingFacts(trailer), ridesInIt(of)),
  ).leaving
/** On the coupler, where all is known. */
export const tongueOf = (trailer: Trailer, of: Household) => estimate(trailer, of).tongue.least
export const two = [person({ weight: 180 }), person({ weight: 150 })]
export const ratings = { towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000 }
export const pulls = (changed: object) => household(two, { vehicle: vehicle({ ...ratings, ...changed }) })
