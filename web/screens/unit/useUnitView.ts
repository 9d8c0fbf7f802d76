import { parseAsArrayOf, parseAsString, parseAsStringLiteral, useQueryState } from 'nuqs'
import { useMemo } from 'react'
import { TIMES } from '@hitchet/core/plan/times'
import { hatchesOpen } from '@hitchet/core/trailer/hatches'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { planWorker } from '../../analysis/planWorker'
import { useLatest } from '../../analysis/useLatest'
import { useHouseRules } from '../../look/houseRules'
import { useKeys } from '../shell/useKeys'
import { LAYER_NAMES, LAYERS } from './layers'
import type { SeenBy } from './seenBy'

export type UnitView = ReturnType<typeof useUnitView>

/** What is looked at on a unit, as the address says it, with the keys for it, and what the plan answers to that. */
export function useUnitView(trailer: Trailer, seenBy: SeenBy | undefined) {
  const { plan } = trailer
  const { ways } = useHouseRules()
  const [time, setTime] = useQueryState('time', parseAsStringLiteral(TIMES).withDefault('parked'))
  const [layer, setLayer] = useQueryState('layer', parseAsStringLiteral(LAYERS).withDefault('plain'))
  const [view, setView] = useQueryState('view', parseAsStringLiteral(['plan', 'readings'] as const).withDefault('plan'))
  const [chosen, setChosen] = useQueryState('thing', parseAsString)
  const [madeAsked, setMade] = useQueryState('made', parseAsArrayOf(parseAsString))
  const made = useMemo(
    () => (madeAsked ?? seenBy?.everyNight.made ?? []).filter((id) => plan.conversions.some((one) => one.id === id)),
    [madeAsked, seenBy, plan],
  )
  const question = useMemo(() => ({ time, made: time === 'night' ? made : [] }), [time, made])
  const { answer, of, failed } = useLatest(question, ({ time: when, made: beds }) =>
    planWorker().analyse(plan, when, beds, ways, hatchesOpen(trailer) ?? false),
  )
  const analysis = of?.time === time ? answer : undefined
  useKeys({
    p: () => void setTime('parked'),
    n: () => void setTime('night'),
    r: () => void setTime('road'),
    '0': () => void setView(view === 'plan' ? 'readings' : 'plan'),
    ...Object.fromEntries(LAYERS.map((one) => [LAYER_NAMES[one].key, () => void setLayer(one)])),
  })
  return {
    time,
    layer,
    view,
    chosen: chosen ?? undefined,
    made,
    /** Beds that are made up at the time that is shown. */
    madeNow: question.made,
    /** Who lies where, while nobody asked for other beds to be made up. */
    sleepers: time === 'night' && madeAsked === null ? seenBy?.everyNight.sleepers : undefined,
    apart: answer?.apart ?? [],
    analysis,
    failed,
    reached: analysis?.ways.find(({ id }) => id === chosen),
    show: {
      time: (value: typeof time) => void setTime(value),
      layer: (value: typeof layer) => void setLayer(value),
      view: (value: typeof view) => void setView(value),
      made: (beds: string[]) => void setMade(beds),
      thing: (id: string | null) => void setChosen(id),
    },
  }
}
