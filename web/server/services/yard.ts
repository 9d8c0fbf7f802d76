import type { Household } from '@hitchet/core/household/household'
import type { Match } from '@hitchet/core/match/match'
import { allTrailers, type StockedTrailer } from '../db/trailers'
import { rankYard } from './matching'

export interface MatchedTrailer extends StockedTrailer {
  match: Match
}

/** The whole yard with what the household's questions say of each unit, best first. */
export async function matchedYard(household: Household): Promise<MatchedTrailer[]> {
  const [trailers, matches] = await Promise.all([allTrailers(), rankYard(household)])
  const byId = new Map(trailers.map((one) => [one.id, one]))
  return matches.flatMap((match) => {
    const stocked = byId.get(match.id)
    return stocked ? [{ ...stocked, match }] : []
  })
}
