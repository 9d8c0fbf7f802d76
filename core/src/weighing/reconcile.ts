import type { Moment } from '../loading/moments'
import { says, type Phrase } from '../quantity/phrase'
import { pounds } from '../quantity/quantity'
import type { Weighed } from './ticket'

/** Nearer than this to what was reckoned, a weighing bears it out: a scale's own slack, or so much of it (common practice). */
const SLACK = 60
const SHARE = 0.02

export interface Difference {
  what: 'trailer' | 'tongue'
  measured: number
  /** Reckoned, between least and most. */
  least: number
  most: number
  /** Above what was reckoned, or below it (less than nothing); nothing: borne out. */
  off: number
  says: Phrase
}

/** What a ticket says of the estimate at that moment: what is off, by how much, and what it points to. Pounds. */
export function reconcile({ trailer, tongue }: Weighed, moment: Moment): Difference[] {
  return [
    difference('trailer', trailer, moment.total, moment.total, trailer, [
      says`something rides in it that nobody wrote down`,
      says`less rides in it than was written down`,
    ]),
    difference('tongue', tongue, moment.tongue.least, moment.tongue.most, trailer, [
      says`more rides before the axles than was reckoned`,
      says`more rides behind the axles than was reckoned`,
    ]),
  ]
}

const NAMES = { trailer: 'The trailer', tongue: 'The tongue' } as const

function difference(
  what: Difference['what'],
  measured: number,
  least: number,
  most: number,
  trailer: number,
  [more, less]: [Phrase, Phrase],
): Difference {
  const slack = Math.max(SLACK, SHARE * (what === 'trailer' ? trailer : 0))
  const off = measured > most + slack ? measured - most : measured < least - slack ? measured - least : 0
  const by = pounds(Math.abs(Math.round(off)))
  const words =
    off === 0
      ? says`${NAMES[what]} weighs as reckoned, within what a scale tells.`
      : off > 0
        ? says`${NAMES[what]} weighs ${by} more than reckoned: ${more}.`
        : says`${NAMES[what]} weighs ${by} less than reckoned: ${less}.`
  return { what, measured, least, most, off, says: words }
}

/** What an empty trailer on the scale says of its label: dry weight and hitch weight, pounds. */
export interface EmptyFigures {
  uvw: number
  hitchWeight: number
}

/**
 * The figures that the weighing of an empty trailer puts in place of the label's: the difference to the estimate, which holds
 * the propane on its tongue, is the trailer's own. Undefined while the estimate itself is a range.
 */
export function emptyFigures(
  { trailer, tongue }: Weighed,
  empty: Moment,
  label: { uvw: number; hitchWeight?: number },
): EmptyFigures | undefined {
  if (label.hitchWeight === undefined || empty.missing.length > 0) return undefined
  if (empty.tongue.most - empty.tongue.least > 1) return undefined
  return {
    uvw: Math.round(label.uvw + trailer - empty.total),
    hitchWeight: Math.round(label.hitchWeight + tongue - empty.tongue.least),
  }
}
