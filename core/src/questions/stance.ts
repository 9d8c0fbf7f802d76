import type { Stance } from '../household/wishes/stances'
import { says, type Phrase } from '../quantity/phrase'
import { fits, measure, no, tight, type Reason } from './reason'

/** What a stance makes of having a thing or not; nothing for those who hold none. `thing` as in "they want ...". */
export function stanceReason(stance: Stance | undefined, has: boolean, thing: string): Reason[] {
  if (stance === undefined) return []
  if (stance === 'avoid')
    return [
      has
        ? tight(says`They would rather not have ${thing}; this one does.`, { brief: `has ${thing}` })
        : fits(says`Without ${thing}, as they like it.`),
    ]
  const brief = `no ${thing.replace(/^an? /, '')}`
  if (has) return [fits(says`It has ${thing}.`)]
  return [
    stance === 'must'
      ? no(says`They must have ${thing}; this one has none.`, { brief })
      : tight(says`They would like ${thing}; this one has none.`, { brief }),
  ]
}

/**
 * The same of something that is drawn: while the drawing is not finished, `unnoted` names what is to be looked
 * for first, and what it does not show is not known to be missing.
 */
export function lookedReason(
  stance: Stance | undefined,
  has: boolean,
  thing: string,
  unnoted: readonly string[],
): Reason[] {
  if (stance === undefined || has || unnoted.length === 0) return stanceReason(stance, has, thing)
  return [measure(notLooked(stance, thing), [...unnoted])]
}

/** That they care about something nobody has looked for. */
export function notLooked(stance: Stance, thing: string): Phrase {
  const care = stance === 'must' ? 'must have' : stance === 'want' ? 'would like' : 'would rather not have'
  return says`They ${care} ${thing}; nobody has looked for it on this one yet.`
}
