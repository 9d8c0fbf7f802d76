import { useMemo } from 'react'
import type { Finding } from '@hitchet/core/plan/findings/findings'
import type { Plan } from '@hitchet/core/plan/plan'
import { TIMES, type TimeOfDay } from '@hitchet/core/plan/times'
import { useHouseRules } from '../../../look/houseRules'
import { planWorker } from '../../../analysis/planWorker'
import { useLatest } from '../../../analysis/useLatest'

/**
 * What is not right on the plan, by time of day, from the worker. While something is dragged only the time that
 * is shown is looked at, with every step of the hand; the other two follow when it is let go.
 */
export function useFindings(
  plan: Plan,
  shown: TimeOfDay,
  made: readonly string[],
  dragging: boolean,
): Partial<Record<TimeOfDay, Finding[]>> {
  const { ways } = useHouseRules()
  const now = useMemo(() => ({ plan, shown, made }), [plan, shown, made])
  const settled = useMemo(() => (dragging ? undefined : { plan, shown, made }), [plan, shown, made, dragging])
  const { answer: first, of } = useLatest(now, (asked) => planWorker().check(asked.plan, asked.shown, asked.made, ways))
  const { answer: others } = useLatest(settled, async (asked) => {
    if (!asked) return undefined
    const times = TIMES.filter((time) => time !== asked.shown)
    return Object.fromEntries(
      await Promise.all(
        times.map(async (time) => [time, await planWorker().check(asked.plan, time, asked.made, ways)] as const),
      ),
    )
  })
  return { ...others, ...(of && { [of.shown]: first }) }
}
