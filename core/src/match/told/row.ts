import type { Household } from '../../household/household'
import type { Phrase } from '../../quantity/phrase'
import type { RankingRules } from '../../rules/houseRules'
import { trailerFigure, trailerName, type Trailer } from '../../trailer/trailer'
import { answerLine, type AnswerLineData } from './answerLine'
import { asked } from '../asking/asked'
import { differsFrom } from './entries'
import type { Answers } from '../judge'
import { mattering } from './mattering'
import { pitch, type Pitch } from './pitch'

/** One plan as it stands in a match: what is said of its first unit in a breath, and what tells the others apart. Plain data. */
export interface MatchRow {
  stock: string
  name: string
  layout: string
  price?: number
  pitch: Pitch
  /** The few answers that matter to these people. */
  lines: { short: string; line: AnswerLineData }[]
  /** The first of the others of its plan, and how many there are besides. */
  same: SameUnit[]
  more: number
}

/** Another unit of the same plan: what tells it apart. */
export interface SameUnit {
  stock: string
  price?: number
  differs: Phrase[]
}

/** A unit with all that it is answered. */
interface Told {
  trailer: Trailer
  answers: Answers
}

/** So many bars beside an entry; the others come with its reasons. */
const BARS = 4

export function matchRow(
  first: Told,
  others: readonly Told[],
  more: number,
  household: Household,
  { weights }: RankingRules,
): MatchRow {
  const { trailer, answers } = first
  const price = priceOf(trailer)
  return {
    stock: trailer.stock,
    name: trailerName(trailer),
    layout: trailer.layout,
    ...(price !== undefined && { price }),
    pitch: pitch(answers, trailer, household, weights),
    lines: mattering(asked(answers), weights, BARS).first.map(({ short, answer }) => ({
      short,
      line: answerLine(answer),
    })),
    same: sameUnits(first, others),
    more,
  }
}

/** What tells other units of its plan apart from the first. */
export function sameUnits({ trailer, answers }: Told, others: readonly Told[]): SameUnit[] {
  const price = priceOf(trailer)
  return others.map((other) => {
    const own = priceOf(other.trailer)
    return {
      stock: other.trailer.stock,
      ...(own !== undefined && { price: own }),
      differs: differsFrom({ price, answers }, { price: own, answers: other.answers }),
    }
  })
}

const priceOf = (trailer: Trailer): number | undefined => trailerFigure(trailer, 'askingPrice')
