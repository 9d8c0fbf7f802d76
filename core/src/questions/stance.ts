import type { Stance } from '../household/stances'
import { says } from '../quantity/phrase'
import { fits, no, tight, type Reason } from './reason'

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
