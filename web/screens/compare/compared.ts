import type { Household } from '@hitchet/core/household/household'
import { tokensOf, type PersonToken } from '@hitchet/core/household/tokens'
import { asked, type Asked } from '@hitchet/core/match/asked'
import { differences, type Difference } from '@hitchet/core/match/differences'
import { figureRows, type FigureRow } from '@hitchet/core/match/figures'
import { headline } from '@hitchet/core/match/headline'
import type { Standing } from '@hitchet/core/match/match'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import type { CautionId } from '@hitchet/core/questions/cautions'
import { sleepFacts } from '@hitchet/core/questions/sleep/facts'
import { sleepNeed } from '@hitchet/core/questions/sleep/need'
import type { Night } from '@hitchet/core/questions/sleep/night'
import { arrangement } from '@hitchet/core/questions/sleep/sleep'
import { DEFAULT_HOUSE_RULES } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { StripSleepers } from '../../drawing/PlanStrip'
import type { MatchedTrailer } from '../../server/services/yard'

/** A unit as the compare board shows it: plain data. */
export interface ComparedUnit {
  trailer: Trailer
  standing: Standing
  says: Phrase
  asked: Asked[]
  everyNight: DrawnNight
  guestNight?: DrawnNight
}

/** Who lies where, what is made up for it, and who is left. */
export interface DrawnNight {
  made: string[]
  sleepers: StripSleepers[]
  unplaced: PersonToken[]
}

export interface Comparison {
  units: ComparedUnit[]
  differences: Difference[]
  figures: FigureRow[]
  cautions: CautionId[]
}

export function comparison(chosen: readonly MatchedTrailer[], household: Household): Comparison {
  const units = chosen.map((one) => comparedUnit(one, household))
  return {
    units,
    differences: differences(chosen.map(({ match }) => match.answers)),
    figures: figureRows(chosen.map(({ trailer }) => trailer)),
    cautions: [...new Set(chosen.flatMap(({ match }) => Object.values(match.answers).flatMap(({ cautions }) => cautions)))],
  }
}

function comparedUnit({ trailer, match }: MatchedTrailer, household: Household): ComparedUnit {
  const tokens = tokensOf(household.people)
  const { everyNight, guestNight } = arrangement(sleepFacts(trailer), sleepNeed(household, DEFAULT_HOUSE_RULES))
  return {
    trailer,
    standing: match.standing,
    says: headline(match.answers),
    asked: asked(match.answers),
    everyNight: drawn(everyNight, tokens),
    ...(guestNight && { guestNight: drawn(guestNight, tokens) }),
  }
}

function drawn({ made, placements, unplaced }: Night, tokens: PersonToken[]): DrawnNight {
  const token = ({ id }: { id: string }) => tokens.find((one) => one.id === id)!
  return { made, sleepers: placements.map(({ berth, people }) => ({ berth: berth.id, people: people.map(token) })), unplaced: unplaced.map(token) }
}
