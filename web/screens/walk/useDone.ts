import { useMemo } from 'react'
import type { Feeling, Subject } from '@hitchet/core/household/wishes/reaction'
import type { WalkNote } from '@hitchet/core/walk/event'
import { useNotes } from '../../offline/Notes'

/** What has been done with a household at a unit: taken by the server before, and noted here since. */
export interface Done {
  shown: ReadonlySet<string>
  handed: ReadonlySet<string>
  /** What they felt last, by subject. */
  felt: ReadonlyMap<string, Feeling>
}

export const subjectKey = ({ stance, feature, is, place }: Subject): string =>
  stance ?? (feature !== undefined ? `${feature} ${is ?? ''}` : (place ?? ''))

export function useDone(stock: string, household: string | undefined, taken: readonly WalkNote[]): Done {
  const { noted } = useNotes()
  return useMemo(() => {
    const here = noted.filter((one) => one.stock === stock && one.household === household).map(({ what }) => what)
    const [shown, handed, felt] = [new Set<string>(), new Set<string>(), new Map<string, Feeling>()]
    for (const what of [...taken, ...here]) {
      if (what.kind === 'shown') shown.add(what.point)
      if (what.kind === 'reaction') felt.set(subjectKey(what.reaction.subject), what.reaction.feels)
      if (what.kind === 'handed') {
        if (what.done) handed.add(what.step)
        else handed.delete(what.step)
      }
    }
    return { shown, handed, felt }
  }, [noted, stock, household, taken])
}
