import type { Household } from '@hitchet/core/household/household'
import type { Way } from '@hitchet/core/match/inTheWay'
import type { Match } from '@hitchet/core/match/match'
import { allTrailers, type StockedTrailer } from '../db/trailers'
import { rankYard, rankYardWithWays } from './matching'

export interface MatchedTrailer extends StockedTrailer {
  match: Match
}

/** The same, what would let in more of it, and how firm its first place is. */
export async function matchedYardWithWays(
  household: Household,
): Promise<{ yard: MatchedTrailer[]; ways: Way[]; firm?: number }> {
  const [trailers, { matches, ...rest }] = await Promise.all([allTrailers(), rankYardWithWays(household)])
  return { yard: joined(trailers, matches), ...rest }
}

/** The whole yard with what the household's questions say of each unit, best first. */
export async function matchedYard(household: Household): Promise<MatchedTrailer[]> {
  const [trailers, matches] = await Promise.all([allTrailers(), rankYard(household)])
  return joined(trailers, matches)
}

function joined(trailers: readonly StockedTrailer[], matches: readonly Match[]): MatchedTrailer[] {
  const byId = new Map(trailers.map((one) => [one.id, one]))
  return matches.flatMap((match) => {
    const stocked = byId.get(match.id)
    return stocked ? [{ ...stocked, match }] : []
  })
}
