import type { Household } from '@hitchet/core/household/household'
import { asked, type Asked } from '@hitchet/core/match/asked'
import { differences, type Difference } from '@hitchet/core/match/differences'
import { figureRows, type FigureRow } from '@hitchet/core/match/figures'
import { headline } from '@hitchet/core/match/headline'
import { toldRows, type ToldRow } from '@hitchet/core/match/toldRows'
import { inOrder, type Standing } from '@hitchet/core/match/match'
import { whyOver } from '@hitchet/core/match/whyOver'
import { questionOf } from '@hitchet/core/questions/index'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import type { CautionId } from '@hitchet/core/questions/cautions'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { MatchedTrailer } from '../../server/services/yard'
import { drawnNights, type DrawnNight } from '../drawnNight'

/** A unit as the compare board shows it: plain data. */
export interface ComparedUnit {
  trailer: Trailer
  standing: Standing
  says: Phrase
  asked: Asked[]
  everyNight: DrawnNight
  guestNight?: DrawnNight
}

export interface Comparison {
  units: ComparedUnit[]
  differences: Difference[]
  figures: FigureRow[]
  told: ToldRow[]
  cautions: CautionId[]
  /** Of any two of one standing why the one stands before the other, in points of the ranking. */
  why: { stock: string; over: string; parts: { short: string; points: number }[] }[]
}

export function comparison(chosen: readonly MatchedTrailer[], household: Household, rules: HouseRules): Comparison {
  const units = chosen.map((one) => comparedUnit(one, household, rules))
  return {
    units,
    differences: differences(chosen.map(({ match }) => match.answers)),
    figures: figureRows(chosen.map(({ trailer }) => trailer)),
    told: toldRows(chosen.map(({ trailer }) => trailer)),
    why: sameStanding([...chosen].sort((a, b) => inOrder(a.match, b.match))).map(([one, other]) => ({
      stock: one.trailer.stock,
      over: other.trailer.stock,
      parts: whyOver(one.match.answers, other.match.answers, rules.ranking).map(({ question, points }) => ({
        short: questionOf(question).words.short,
        points,
      })),
    })),
    cautions: [
      ...new Set(chosen.flatMap(({ match }) => Object.values(match.answers).flatMap(({ cautions }) => cautions))),
    ],
  }
}

/** Any two that points put in order: what fits stands before what does not, whatever points it has. */
const sameStanding = (all: readonly MatchedTrailer[]): [MatchedTrailer, MatchedTrailer][] =>
  all.flatMap((one, i) =>
    all
      .slice(i + 1)
      .filter(({ match }) => match.standing === one.match.standing)
      .map((other): [MatchedTrailer, MatchedTrailer] => [one, other]),
  )

function comparedUnit({ trailer, match }: MatchedTrailer, household: Household, rules: HouseRules): ComparedUnit {
  return {
    trailer,
    standing: match.standing,
    says: headline(match.answers),
    asked: asked(match.answers),
    ...drawnNights(trailer, household, rules),
  }
}
