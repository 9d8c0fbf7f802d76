import type { Tongue } from '../../loading/moments'
import { says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'

/** What is asked of a rating, pounds: between least and most, and what to find out while these differ. */
export interface Asked {
  least: number
  /** Infinity while something that weighs is not known at all. */
  most: number
  /** Readings, and figures of theirs, that it depends on. */
  open: string[]
  /** What to do about it, in order: `ask what the children weigh`. */
  todo: string[]
  /** Something that weighs is not in it, and is asked for elsewhere. */
  partial?: boolean
}

export const exactly = (weight: number, partial = false): Asked => ({
  least: weight,
  most: weight,
  open: [],
  todo: [],
  ...(partial && { partial }),
})

export const together = (...parts: readonly Asked[]): Asked => ({
  least: parts.reduce((sum, { least }) => sum + least, 0),
  most: parts.reduce((sum, { most }) => sum + most, 0),
  open: [...new Set(parts.flatMap(({ open }) => open))],
  todo: [...new Set(parts.flatMap(({ todo }) => todo))],
  ...(parts.some(({ partial }) => partial) && { partial: true }),
})

/** A weight of which some parts have not been read: at least so much. */
export const atLeast = (weight: number, open: string[], todo: string): Asked =>
  open.length ? { least: weight, most: Infinity, open, todo: [todo] } : exactly(weight)

/** What bears on the coupler; nothing pulls it up. */
export const onHitch = ({ least, most, missing }: Tongue): Asked => ({
  least: Math.max(0, least),
  most: Math.max(0, most),
  open: missing,
  todo: missing.length ? ['weigh the tongue'] : [],
})

/** The rest of a weight, where the tongue takes its part off it. */
export const offAxles = (loaded: number, tongue: Tongue, partial = false): Asked => {
  const { least, most, open, todo } = onHitch(tongue)
  return { least: loaded - most, most: loaded - least, open, todo, ...(partial && { partial }) }
}

/** Whole pounds: what is nearer is the same figure. */
const SAME = 0.5

/** `about 1,368 lb`, `between 1,368 lb and 1,697 lb`, `at least 1,368 lb`; over by less than a pound, `just over 1,000 lb`. */
export function amountOf({ least, most, partial }: Pick<Asked, 'least' | 'most' | 'partial'>, rating?: number): Phrase {
  if (most === Infinity || partial) return says`at least ${pounds(least)}`
  if (most - least >= SAME) return says`between ${pounds(least)} and ${pounds(most)}`
  const justOver = rating !== undefined && most > rating && Math.round(most) <= Math.round(rating)
  return justOver ? says`just over ${pounds(rating)}` : says`about ${pounds(most)}`
}
