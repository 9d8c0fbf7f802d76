import type { Stance } from '../household/stances'
import { says } from '../quantity/phrase'
import type { Reason } from './question'

/** What a stance makes of having a thing or not; nothing for those who hold none. `thing` as in "they want ...". */
export function stanceReason(stance: Stance | undefined, has: boolean, thing: string): Reason[] {
  if (stance === undefined) return []
  if (stance === 'avoid')
    return [
      has
        ? { verdict: 'tight', says: says`They would rather not have ${thing}; it has.`, brief: `has ${thing}` }
        : { verdict: 'fits', says: says`Without ${thing}, as they like it.` },
    ]
  const brief = `no ${thing.replace(/^an? /, '')}`
  if (has) return [{ verdict: 'fits', says: says`It has ${thing}.` }]
  return [
    stance === 'must'
      ? { verdict: 'no', says: says`They must have ${thing}; there is none.`, brief }
      : { verdict: 'tight', says: says`They would like ${thing}; there is none.`, brief },
  ]
}
