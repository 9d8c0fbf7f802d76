import type { Household } from '@hitchet/core/household/household'
import { asked, type Asked } from '@hitchet/core/match/asking/asked'
import { differences, type Difference } from '@hitchet/core/match/told/differences'
import { figureRows, type FigureRow } from '@hitchet/core/match/told/figures'
import { headline } from '@hitchet/core/match/headline'
import { toldRows, type ToldRow } from '@hitchet/core/match/told/toldRows'
import { inCachedOrder, type CachedMatch } from '@hitchet/core/match/cachedMatch'
import type { Standing } from '@hitchet/core/match/standing'
import type { Answers } from '@hitchet/core/match/judge'
import type { Nights } from '@hitchet/core/nights/nights'
import { keptWorths } from '@hitchet/core/match/told/worths'
import { whyOver } from '@hitchet/core/match/told/whyOver'
import { questionOf } from '@hitchet/core/questions/index'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import type { CautionId } from '@hitchet/core/questions/cautions'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { trailerFigure, type Trailer } from '@hitchet/core/trailer/trailer'
import { drawnNights, type DrawnNight } from '../drawnNight'

/** Of a unit only what its strip and its name are drawn from: readings and equipment are ten kilobytes more of each. */
type StripOf = Pick<Trailer, 'stock' | 'make' | 'model' | 'layout' | 'plan'>

/** A unit as the compare board shows it: plain data. */
export interface ComparedUnit {
  trailer: StripOf
  /** As asked, dollars; absent while nobody noted it. */
  price?: number
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

/** A unit that is held against others: what is kept of its match, and all that it is answered. */
export interface Chosen {
  kept: CachedMatch & { id: string }
  trailer: Trailer
  answers: Answers
  nights: Nights
}

export function comparison(chosen: readonly Chosen[], household: Household, rules: HouseRules): Comparison {
  const units = chosen.map((one) => comparedUnit(one, household))
  return {
    units,
    differences: differences(chosen.map(({ answers }) => answers)),
    figures: figureRows(chosen.map(({ trailer }) => trailer)),
    told: toldRows(chosen.map(({ trailer }) => trailer)),
    why: sameStanding([...chosen].sort((a, b) => inCachedOrder(a.kept, b.kept))).map(([one, other]) => ({
      stock: one.trailer.stock,
      over: other.trailer.stock,
      parts: whyOver(keptWorths(one.kept), keptWorths(other.kept), rules.ranking.weights).map(
        ({ question, points }) => ({
          short: questionOf(question).words.short,
          points,
        }),
      ),
    })),
    cautions: [...new Set(chosen.flatMap(({ answers }) => Object.values(answers).flatMap(({ cautions }) => cautions)))],
  }
}

/** Any two that points put in order: what fits stands before what does not, whatever points it has. */
const sameStanding = (all: readonly Chosen[]): [Chosen, Chosen][] =>
  all.flatMap((one, i) =>
    all
      .slice(i + 1)
      .filter(({ kept }) => kept.standing === one.kept.standing)
      .map((other): [Chosen, Chosen] => [one, other]),
  )

function comparedUnit({ trailer, kept, answers, nights }: Chosen, household: Household): ComparedUnit {
  const { stock, make, model, layout, plan } = trailer
  const price = trailerFigure(trailer, 'askingPrice')
  return {
    trailer: { stock, make, model, layout, plan },
    ...(price !== undefined && { price }),
    standing: kept.standing,
    says: headline(answers),
    asked: asked(answers),
    ...drawnNights(nights, household),
  }
}
