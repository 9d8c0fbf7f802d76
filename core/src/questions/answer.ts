import type { CautionId } from './cautions'
import { badness, ease, VERDICTS, type Margin, type PointVerdict, type Reason, type Verdict } from './reason'

export interface Answer {
  verdict: Verdict
  /** To spare (above 0) or short (below), of whatever decides. */
  margin?: Margin
  /** The deciding point in a word or two, where it has no margin: `no tub`. */
  brief?: string
  because: Reason[]
  cautions: CautionId[]
  /** Readings to take before it can be said, such as `plan.berths.upper.weightLimit`. */
  missing: string[]
}

/** The answer its reasons add up to: the worst verdict, the margin of the point that decides. */
export function answerOf(reasons: Reason[], cautions: CautionId[] = []): Answer {
  let verdict: Verdict = 'fits'
  for (const reason of reasons)
    if (reason.verdict !== 'note' && badness(reason.verdict) > badness(verdict)) verdict = reason.verdict
  const deciding = decidingOf(reasons, verdict)
  const missing = [...new Set(reasons.flatMap((reason) => reason.missing ?? []))]
  const answer: Answer = { verdict, because: worstFirst(reasons, deciding), cautions, missing }
  // Of what is not certain only a range is known: its figure is in the words.
  if (deciding && verdict !== 'measure') answer.margin = deciding.margin
  // What is short and put up with all the same is said in a word: a figure short beside Tight would deny it.
  if (deciding && verdict === 'tight' && deciding.margin!.value < 0) answer.brief = deciding.brief
  if (!deciding || verdict === 'measure')
    answer.brief = reasons.find((reason) => reason.verdict === verdict && reason.brief)?.brief
  return answer
}

/** Of those that decide, the one with least to spare. */
function decidingOf(reasons: readonly Reason[], verdict: Verdict): Reason | undefined {
  let deciding: Reason | undefined
  for (const reason of reasons)
    if (reason.verdict === verdict && reason.margin && (!deciding || ease(reason.margin) < ease(deciding.margin!)))
      deciding = reason
  return deciding
}

/**
 * The point that decides first, so that the sentence and the figure beside it speak of the same; then by
 * verdict, in the order given.
 */
function worstFirst(reasons: readonly Reason[], deciding: Reason | undefined): Reason[] {
  const sorted: Reason[] = deciding ? [deciding] : []
  for (const verdict of WORST_FIRST)
    for (const reason of reasons) if (reason.verdict === verdict && reason !== deciding) sorted.push(reason)
  return sorted
}

const WORST_FIRST: readonly PointVerdict[] = [...[...VERDICTS].reverse(), 'note']
