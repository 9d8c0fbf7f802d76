import type { Tongue } from '../../loading/moments'
import { says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { marginOf, measure, reason, verdictOf, type Reason } from '../reason'

/** A rating that somebody may or may not have read, and what is asked of it. */
export interface Rated {
  /** As in `... is not known`. */
  name: string
  rating: number | undefined
  /** Pounds. */
  asked: number
  /** Something that bears on it is not known yet: then `asked` is only part of it. */
  open?: boolean
  /** Before the rating itself: `Loaded about 3,900 lb, may weigh`. */
  words: Phrase
  /** The readings that it rests on, and those of them to take while it is not known. */
  rests: string[]
  missing?: string[]
}

/** Ratings are written to so many pounds. */
const ROUND = 5

/** A point that may tell what an unknown rating has to be, pounds. */
type Asking = Reason & { asked?: number }

/**
 * One rating against what is asked of it; `reserve`: left unused of it before it is called comfortable. An unknown rating is
 * answered backwards, with what it must be at the least, as long as all that is asked of it is known.
 */
export function rated({ name, rating, asked, open, words, rests, missing = rests }: Rated, reserve: number): Asking {
  if (rating === undefined && open)
    return measure(says`${name} is not known: read it before anything is promised.`, missing)
  if (rating === undefined) {
    const least = Math.ceil(asked / ROUND) * ROUND
    return { ...measure(says`${name} is not known: it must be at least ${pounds(least)}.`, missing), asked }
  }
  const spare = rating - asked
  return reason(verdictOf(spare, rating * reserve), [...words, ' ', pounds(rating), '.'], {
    margin: marginOf(spare, 'lb', rating * 0.5),
    rests,
  })
}

/** With figures unknown, what already fails still fails; what seems to fit has to wait. */
export function notSaferThan(given: Reason, missing: string[], words: Phrase): Reason {
  if (missing.length === 0 || given.verdict === 'no' || given.verdict === 'measure') return given
  return measure(says`${given.says} ${words}`, missing)
}

/**
 * A limit on which the tongue bears, while that is not certain: what fails wherever it is fails, and nothing fits
 * before it fits wherever it is.
 */
export function withTongue({ least, most, missing }: Tongue, judge: (onTongue: number) => Asking): Reason {
  const light = judge(Math.max(0, least))
  const heavy = most === least ? light : judge(Math.max(0, most))
  // Of an unknown rating what it must be is told for the tongue that asks more of it.
  if (light.asked !== undefined && heavy.asked !== undefined) return heavy.asked >= light.asked ? heavy : light
  const [better, worse] = (light.margin?.value ?? 0) > (heavy.margin?.value ?? 0) ? [light, heavy] : [heavy, light]
  return missing.length === 0 || better.verdict === worse.verdict
    ? worse
    : notSaferThan(better, missing, says`That depends on the tongue weight, which is not certain yet.`)
}
