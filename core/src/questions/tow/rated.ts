import { capitalized, listed, says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { marginOf, measure, note, reason, verdictOf, type Reason } from '../reason'
import { amountOf, type Asked } from './asked'

/** A rating that somebody may or may not have read, and what is asked of it. */
export interface Rated {
  /** As in `... is not known`. */
  name: string
  rating: number | undefined
  asked: Asked
  /** Before the rating itself, with the amount as it is said: `Loaded it weighs about 3,900 lb; its GVWR is`. */
  words(amount: Phrase): Phrase
  /** The readings that it rests on, and those of them to take while it is not known. */
  rests: string[]
  missing?: string[]
}

/** Ratings are written to so many pounds. */
const ROUND = 5

/**
 * One rating against what is asked of it; `reserve`: left unused of it before it is called comfortable. What fails at the
 * least fails; nothing fits before it fits at the most. Between the two the range is said, with what to ask. An unknown
 * rating is answered backwards, with what it must be at the least, as long as all that is asked of it is known.
 */
export function rated({ name, rating, asked, words, rests, missing = rests }: Rated, reserve: number): Reason {
  const { least, most, open, todo, partial } = asked
  if (rating === undefined)
    return open.length || partial
      ? measure(says`${name} is not known: read it before anything is promised.`, missing)
      : measure(says`${name} is not known: it must be at least ${pounds(Math.ceil(most / ROUND) * ROUND)}.`, missing)
  const [best, worst] = [least, most].map((weight) => verdictOf(rating - weight, rating * reserve))
  const told = (weight: Pick<Asked, 'least' | 'most' | 'partial'>): Phrase =>
    says`${capitalized(words(amountOf(weight, rating)))} ${pounds(rating)}`
  const margin = (weight: number) => marginOf(rating - weight, 'lb', rating * 0.5)
  if (best === 'no') {
    const over = { least, most: open.length ? most : least, partial }
    return reason('no', says`${told(over)}.`, { margin: margin(least), rests })
  }
  // What is not in the sum is asked for elsewhere: until then this decides nothing.
  if (partial) return note(says`${told(asked)}.`, { rests })
  if (best === worst || open.length === 0) return reason(worst!, says`${told(asked)}.`, { margin: margin(most), rests })
  const ask = todo.length ? says`: ${listed(todo)}` : says``
  return reason('measure', says`${told(asked)}${ask}.`, {
    missing: open,
    ...(most < Infinity && { margin: margin(most) }),
  })
}
