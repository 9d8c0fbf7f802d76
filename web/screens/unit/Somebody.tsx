'use client'

import { HStack, IconButton, NativeSelect, VisuallyHidden } from '@chakra-ui/react'
import { RotateCw } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import { OPPOSITE, outerWall, TOWARDS } from '@hitchet/core/plan/facing'
import { nameOnPlan } from '@hitchet/core/plan/naming'
import type { Plan, Side } from '@hitchet/core/plan/plan'
import type { Point } from '@hitchet/core/plan/shape/shape'
import type { Pose, Someone, touchedBy as touchedByType } from '@hitchet/core/plan/living/someone'
import type { TimeOfDay } from '@hitchet/core/plan/times'
import { listed } from '@hitchet/core/quantity/phrase'
import { formatFeet } from '@hitchet/core/quantity/format'
import { useMeasures } from '../../look/measures'

// Few set somebody on the plan: what measures and draws them comes with the first.
const SomeoneLayer = dynamic(() => import('../../drawing/layers/SomeoneLayer').then((it) => it.SomeoneLayer), {
  loading: () => null,
})
const measuring = () => import('@hitchet/core/plan/living/someone').then((it) => it.touchedBy)

const WORDS: Record<Pose, string> = {
  standing: 'Somebody standing',
  sitting: 'Somebody sitting',
  lying: 'Somebody lying down',
  turning: 'A wheelchair turning',
}
/** As tall as a man of the middle (ANSUR II, 2012, from memory), where nobody's height is known; inches. */
export const USUAL_HEIGHT = 69
const NEXT: Record<Side, Side> = { front: 'off-door', 'off-door': 'rear', rear: 'door', door: 'front' }
/** They come in this far from the entry door, inches. */
const STEP_IN = 24

/** Somebody who is set on the plan: the choice, what they touch, and their outline to drag. */
export function useSomebody(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[],
  scale: number,
  height = USUAL_HEIGHT,
) {
  const system = useMeasures()
  const [someone, setSomeone] = useState<Someone>()
  const [touchedBy, setMeasuring] = useState<typeof touchedByType>()
  const touches = useMemo(
    () => (someone && touchedBy ? touchedBy(plan, time, made, someone).map((id) => nameOnPlan(plan, id)) : undefined),
    [plan, time, made, someone, touchedBy],
  )
  const choose = (pose: Pose | undefined) => {
    setSomeone(pose && { ...(someone ?? { looks: 'front', height, at: insideEntry(plan) }), pose })
    void measuring().then((it) => setMeasuring(() => it))
  }
  const turn = () => someone && setSomeone({ ...someone, looks: NEXT[someone.looks] })
  const says = touches && (touches.length ? `touches ${listed([...new Set(touches)])}` : 'touches nothing')
  const panel = (
    <HStack gap="2" role="group" aria-label="Somebody to scale">
      <NativeSelect.Root size="sm" w="215px">
        <NativeSelect.Field
          aria-label="Set somebody on the plan"
          value={someone?.pose ?? ''}
          onChange={(event) => choose((event.target.value || undefined) as Pose | undefined)}
          bg="bar"
          borderColor="line"
        >
          <option value="">Nobody set on the plan</option>
          {(Object.keys(WORDS) as Pose[]).map((pose) => (
            <option key={pose} value={pose}>
              {WORDS[pose]}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      {someone && (
        <>
          {someone.pose !== 'turning' && (
            <IconButton size="sm" variant="outline" aria-label="Turn them" onClick={turn}>
              <RotateCw size={15} aria-hidden />
            </IconButton>
          )}
          <VisuallyHidden role="status">{says}</VisuallyHidden>
        </>
      )}
    </HStack>
  )
  const tall = someone && someone.pose !== 'turning' ? `${formatFeet(someone.height, system)}, ` : ''
  const layer = someone && touches && (
    <SomeoneLayer
      someone={someone}
      touches={touches.length > 0}
      says={`${tall}${says}`}
      label={`${WORDS[someone.pose]}, ${says}`}
      scale={scale}
      onMove={(at: Point) => setSomeone({ ...someone, at })}
      onTurn={turn}
    />
  )
  return { panel, layer }
}

function insideEntry(plan: Plan): Point {
  const door = plan.doors.find(({ kind }) => kind === 'entry')
  if (!door) return [plan.box.length / 2, plan.box.width / 2]
  const [dx, dy] = TOWARDS[OPPOSITE[outerWall(plan, door)]]
  return [
    Math.round((door.from[0] + door.to[0]) / 2 + dx * STEP_IN),
    Math.round((door.from[1] + door.to[1]) / 2 + dy * STEP_IN),
  ]
}
