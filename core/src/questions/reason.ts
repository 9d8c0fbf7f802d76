import type { Phrase } from '../quantity/phrase'
import type { Quantity } from '../quantity/quantity'

/** From best to worst. `measure`: it depends on a figure nobody knows. */
export const VERDICTS = ['fits', 'tight', 'measure', 'no'] as const
export type Verdict = (typeof VERDICTS)[number]

export interface Margin extends Quantity {
  /** What counts as plenty: a margin this large fills its bar. Same unit. */
  plenty: number
}

/** What one point comes to; a note is neither good nor bad, and decides nothing. */
export type PointVerdict = Verdict | 'note'

/** One point of an answer, in words. */
export interface Reason {
  verdict: PointVerdict
  says: Phrase
  margin?: Margin
  /** The same in a word or two. */
  brief?: string
  /** Readings it rests on. */
  rests?: string[]
  /** Readings to take before it can be said. */
  missing?: string[]
}

/** What a reason may carry besides its verdict and its words. */
export type Besides = Omit<Reason, 'verdict' | 'says'>

/** Key by key, since a ranking makes a hundred thousand of them: a spread takes three times as long. */
export function reason(verdict: PointVerdict, says: Phrase, besides?: Besides): Reason {
  const made: Reason = { verdict, says }
  if (besides === undefined) return made
  if (besides.margin !== undefined) made.margin = besides.margin
  if (besides.brief !== undefined) made.brief = besides.brief
  if (besides.rests !== undefined) made.rests = besides.rests
  if (besides.missing !== undefined) made.missing = besides.missing
  return made
}

export const note = (says: Phrase, besides?: Besides): Reason => reason('note', says, besides)
export const fits = (says: Phrase, besides?: Besides): Reason => reason('fits', says, besides)
export const tight = (says: Phrase, besides?: Besides): Reason => reason('tight', says, besides)
export const no = (says: Phrase, besides?: Besides): Reason => reason('no', says, besides)
/** It depends on readings that nobody took: each is named. */
export const measure = (says: Phrase, missing: string[]): Reason => reason('measure', says, { missing })

/** So much of a unit to spare or short, full at `plenty`. */
export const marginOf = (value: number, unit: Margin['unit'], plenty: number): Margin => ({ value, unit, plenty })

const BADNESS: Record<PointVerdict, number> = { note: -1, fits: 0, tight: 1, measure: 2, no: 3 }

export const badness = (verdict: PointVerdict): number => BADNESS[verdict]

/** A margin on a scale from -1 (hopelessly short) to 1 (plenty). */
export const ease = ({ value, plenty }: Margin): number => Math.max(-1, Math.min(1, value / plenty))

/** Fits from `comfort` to spare, tight from 0, no below. */
export function verdictOf(spare: number, comfort: number): Verdict {
  if (spare < 0) return 'no'
  return spare < comfort ? 'tight' : 'fits'
}
