import type { Answer } from '../../questions/answer'
import { badness, ease } from '../../questions/reason'

/** What is nearer than this is alike. */
const ALIKE = 1e-9

/**
 * Which of several figures are the best, each by its place: none where one of them is not known, since it could be better,
 * and none where all are alike.
 */
export function bestFigures(values: readonly (number | undefined)[], better: 'more' | 'less'): boolean[] {
  const known = values.filter((value) => value !== undefined)
  if (known.length < values.length || known.length === 0) return values.map(() => false)
  const [least, most] = [Math.min(...known), Math.max(...known)]
  if (most - least < ALIKE) return values.map(() => false)
  const best = better === 'more' ? most : least
  return known.map((value) => Math.abs(value - best) < ALIKE)
}

/**
 * The same of answers to one question: the better verdict, then the wider margin. What speaks against a unit is never the best, nor
 * what is short and put up with. */
export function bestAnswers(answers: readonly (Answer | undefined)[]): boolean[] {
  const marks = bestFigures(answers.map(worth), 'more')
  return marks.map((mark, i) => mark && isGood(answers[i]!))
}

const isGood = ({ verdict, margin, brief }: Answer): boolean =>
  verdict === 'fits' || (verdict === 'tight' && (margin ? margin.value >= 0 : brief === undefined))

/** A verdict counts more than any margin; open answers have no worth yet. */
function worth(answer: Answer | undefined): number | undefined {
  if (!answer || answer.verdict === 'measure') return undefined
  return -10 * badness(answer.verdict) + (answer.margin ? ease(answer.margin) : 0)
}
