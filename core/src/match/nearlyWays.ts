import { listedPhrases, phraseText } from '../quantity/phrase'
import type { Way } from './bindingConstraints'
import type { Placed } from './cachedMatch'

/** So many are told. */
const MOST = 3

/**
 * What the units that nearly fit ask, but for those that are likely not theirs by what is not read yet, the same change once
 * for all that it lets in: on a small yard, where no change of a
 * limit lets in anything by itself, that is what stands in the way. Those that let in most first, then the smallest.
 */
export function nearlyWays(ranked: readonly Placed[]): Way[] {
  const ways = new Map<string, Way & { size: number }>()
  for (const { id, standing, changes, size, likely } of ranked) {
    if (standing !== 'nearly' || !changes || likely) continue
    const says = listedPhrases(changes)
    const known = ways.get(phraseText(says))
    if (known) known.units.push(id)
    else ways.set(phraseText(says), { says, units: [id], size })
  }
  return [...ways.values()]
    .sort((a, b) => b.units.length - a.units.length || a.size - b.size)
    .slice(0, MOST)
    .map(({ says, units }) => ({ says, units }))
}
