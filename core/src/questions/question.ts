import type { Household } from '../household/household'
import type { Phrase } from '../quantity/phrase'
import type { Quantity } from '../quantity/quantity'
import type { HouseRules } from '../rules/houseRules'
import type { Trailer } from '../trailer/trailer'
import type { CautionId } from './cautions'
import type { Nights } from './sleep/night'
import type { Stowed } from './stow/stowed'

/** From best to worst. `measure`: it depends on a figure nobody knows. */
export const VERDICTS = ['fits', 'tight', 'measure', 'no'] as const
export type Verdict = (typeof VERDICTS)[number]

export const QUESTION_IDS = [
  'sleep',
  'exits',
  'reach',
  'tow',
  'park',
  'bath',
  'galley',
  'seating',
  'stow',
  'wishes',
  'price',
] as const
export type QuestionId = (typeof QUESTION_IDS)[number]

/**
 * One thing a household asks of a trailer. Facts are what the trailer offers whoever asks: made once for
 * each revision and stored, so they are plain JSON. Judging is cheap and pure.
 */
export interface Question<Facts, Need> {
  id: QuestionId
  /** As a consultant asks it: `Can they all sleep?` */
  asks: string
  /** A word or two for a table: `Sleeps them`. */
  short: string
  /** What it is about, within a sentence: `sleeping`. */
  topic: string
  facts(trailer: Trailer): Facts
  /** Null when this household does not ask. */
  need(household: Household, rules: HouseRules): Need | null
  /** Never throws on a missing reading: it answers `measure` and names it. `nights` and `stowed`: who sleeps where, and what rides where, as it was solved for this household. */
  judge(facts: Facts, need: Need, nights?: Nights, stowed?: Stowed): Answer
}

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

export interface Margin extends Quantity {
  /** What counts as plenty: a margin this large fills its bar. Same unit. */
  plenty: number
}

/** One checked point of an answer, in words. */
export interface Reason {
  verdict: Verdict
  says: Phrase
  margin?: Margin
  /** The same in a word or two. */
  brief?: string
  /** Readings it rests on. */
  rests?: string[]
  missing?: string[]
}

/** The answer its reasons add up to: the worst verdict, the margin of the point that decides. */
export function answerOf(reasons: Reason[], cautions: CautionId[] = []): Answer {
  let verdict: Verdict = 'fits'
  for (const reason of reasons) if (badness(reason.verdict) > badness(verdict)) verdict = reason.verdict
  let deciding: Reason | undefined
  const missing: string[] = []
  for (const reason of reasons) {
    for (const key of reason.missing ?? []) if (!missing.includes(key)) missing.push(key)
    if (reason.verdict === verdict && reason.margin && (!deciding || ease(reason.margin) < ease(deciding.margin!)))
      deciding = reason
  }
  const answer: Answer = { verdict, because: worstFirst(reasons, deciding), cautions, missing }
  if (deciding) answer.margin = deciding.margin
  else answer.brief = reasons.find((reason) => reason.verdict === verdict && reason.brief)?.brief
  return answer
}

/** The point that decides first, so that the sentence and the figure beside it speak of the same; then by verdict, in the order given. */
function worstFirst(reasons: readonly Reason[], deciding: Reason | undefined): Reason[] {
  const sorted: Reason[] = deciding ? [deciding] : []
  for (let i = VERDICTS.length - 1; i >= 0; i--)
    for (const reason of reasons) if (reason.verdict === VERDICTS[i] && reason !== deciding) sorted.push(reason)
  return sorted
}

/** So much of a unit to spare or short, full at `plenty`. */
export const marginOf = (value: number, unit: Margin['unit'], plenty: number): Margin => ({ value, unit, plenty })

export const badness = (verdict: Verdict): number => VERDICTS.indexOf(verdict)

/** A margin on a scale from -1 (hopelessly short) to 1 (plenty). */
export const ease = ({ value, plenty }: Margin): number => Math.max(-1, Math.min(1, value / plenty))

/** Fits from `comfort` to spare, tight from 0, no below. */
export function verdictOf(spare: number, comfort: number): Verdict {
  if (spare < 0) return 'no'
  return spare < comfort ? 'tight' : 'fits'
}
