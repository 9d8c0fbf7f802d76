import { useEffect, useMemo, useState, type Dispatch } from 'react'
import { drawnAlike, withReadingsOf } from '@hitchet/core/editing/planReadings'
import type { Plan } from '@hitchet/core/plan/plan'
import { withPlan } from '@hitchet/core/trailer/drawn'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { SavedTrailer } from '../../../server/services/trailers'
import { request, type Outcome } from '../../request'
import { useAskBeforeLeaving, useVersioned } from '../../useVersioned'
import type { Step } from './drawing'
import type { KeptPlan, useKeptPlan } from './useKeptPlan'

/** What is saved of a unit, and how its plan was drawn when this drawing began. */
interface Base {
  plan: Plan
  unit: Trailer
}

/** What an earlier visit left, where it is not what is saved by now. */
export const useLeft = (found: KeptPlan | undefined, trailer: Trailer): KeptPlan | undefined =>
  useMemo(
    () => (found && JSON.stringify(found.plan) !== JSON.stringify(trailer.plan) ? found : undefined),
    [found, trailer],
  )

/** Nothing is lost before it is saved, and nobody's plan is written over unseen. */
export function usePlanSaving({
  trailer,
  version,
  plan,
  left,
  device: { keep, forget },
  step,
}: {
  trailer: Trailer
  version: number
  plan: Plan
  left?: KeptPlan
  device: Pick<ReturnType<typeof useKeptPlan>, 'keep' | 'forget'>
  step: Dispatch<Step>
}) {
  // What an earlier visit left is taken up again, over what it began with, not over what was saved since.
  const [base, setBase] = useState<Base>(() => ({ plan: left?.base ?? trailer.plan, unit: trailer }))
  const dirty = plan !== base.plan
  const put = (latest: Trailer, over: number): Promise<Outcome<SavedTrailer>> =>
    request('PUT', `/api/trailers/${trailer.stock}`, {
      version: over,
      trailer: withPlan(latest, withReadingsOf(plan, latest.plan)),
    })
  const { busy, says, theirs, overRef, save, beginWith, say } = useVersioned<Trailer, Trailer, SavedTrailer>({
    version: left?.version ?? version,
    startsWith: left && 'What you had drawn and not saved is back.',
    async put(latest, version) {
      const outcome = await put(latest, version)
      const meanwhile = !outcome.ok && outcome.kind === 'stale' ? (outcome.theirs as Trailer) : undefined
      // Somebody only measured while this was drawn: their readings go with it.
      return !outcome.ok && outcome.kind === 'stale' && meanwhile && drawnAlike(meanwhile.plan, base.plan)
        ? put(meanwhile, outcome.theirVersion)
        : outcome
    },
  })
  useEffect(() => {
    if (dirty) keep({ version: overRef.current, base: base.plan, plan })
  }, [dirty, keep, overRef, base, plan])
  useAskBeforeLeaving(dirty)

  return {
    busy,
    says,
    theirs,
    dirty,
    say,
    /** `mine`: over what somebody else saved meanwhile. */
    async save(mine = false) {
      const saved = await save(theirs?.document ?? base.unit, mine ? theirs!.version : undefined)
      if (!saved) return
      // With what was read on it meanwhile: the page itself comes anew a moment later.
      setBase({ plan, unit: saved.trailer })
      forget()
    },
    takeTheirs() {
      const { document, version } = theirs!
      setBase({ plan: document.plan, unit: document })
      step({ do: 'begin', with: document.plan })
      forget()
      beginWith(version)
    },
    drop() {
      step({ do: 'change', to: base.plan, chosen: [] })
      forget()
      say('Back to what is saved; Undo brings the drawing back.')
    },
  }
}
