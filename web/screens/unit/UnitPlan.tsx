import { Box, Flex } from '@chakra-ui/react'
import dynamic from 'next/dynamic'
import { useMemo, useState } from 'react'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { planText } from '@hitchet/core/yard/planText'
import { Dimensions } from '../../drawing/Dimensions'
import { heightFor, type Frame } from '../../drawing/frame'
import { PlanStrip } from '../../drawing/PlanStrip'
import { Ruler } from '../../drawing/Ruler'
import { useMeasures } from '../../look/measures'
import { Segments } from '../Segments'
import { dayFrames } from './dayFrames'
import { LAYER_NAMES, LAYERS, type Layer } from './layers'
import { MadeUp } from './MadeUp'
import { PlayDay } from './PlayDay'
import type { SeenBy } from './seenBy'
import { useSomebody } from './Somebody'
import type { UnitView } from './useUnitView'

// What one asks for by a key comes when it is asked for; the plan stays there meanwhile.
const LayerOver = dynamic(() => import('./LayerOver').then((it) => it.LayerOver), { loading: () => null })

/** What the plan may take of a desk's screen, pixels. */
const PLAN_WIDTH = 1220
const PLAN_HEIGHT = 430
const MOST = 4
/** Their marks lie where names would. */
const MARKED: readonly Layer[] = ['exits', 'weights', 'sight']

interface UnitPlanProps {
  trailer: Trailer
  frame: Frame
  seenBy?: SeenBy | undefined
  view: UnitView
}

/** The plan at the time that is looked at, with a layer over it; a day as it goes by; somebody who walks in it. */
export function UnitPlan({ trailer, frame, seenBy, view }: UnitPlanProps) {
  const { plan } = trailer
  const { layer, made, analysis, chosen, show } = view
  const system = useMeasures()
  const { top, bottom } = heightFor(plan)
  const scale = Math.min(MOST, PLAN_WIDTH / (frame.before + frame.after), PLAN_HEIGHT / (bottom - top))
  const frames = useMemo(() => (seenBy ? dayFrames(plan, seenBy.everyNight) : []), [plan, seenBy])
  const [moment, setMoment] = useState<number>()
  const playing = moment === undefined ? undefined : frames[moment]
  const shown = playing ?? { time: view.time, made, sleepers: view.sleepers }
  const sleepers = shown.sleepers ?? view.sleepers
  const somebody = useSomebody(plan, view.time, view.madeNow, scale, seenBy?.tallest)
  return (
    <>
      <Flex gap="3" align="center" flexWrap="wrap" pb="2" className="no-print">
        <Segments label="Layer" value={layer} onChange={show.layer} options={LAYER_OPTIONS} />
        {somebody.panel}
        {frames.length > 0 && <PlayDay frames={frames} at={moment} onAt={setMoment} />}
      </Flex>
      {view.time === 'night' && plan.conversions.length > 0 && (
        <MadeUp conversions={plan.conversions} made={made} onMade={show.made} />
      )}
      <Box maxW="100%" borderTopWidth="1px" borderColor="hair" pt="1">
        <Ruler frame={frame} scale={scale} system={system} />
        <PlanStrip
          plan={plan}
          time={shown.time}
          frame={frame}
          scale={scale}
          made={shown.made}
          sleepers={sleepers}
          detail={MARKED.includes(layer) ? 'fixtures' : 'names'}
          system={system}
          text={planText(trailer, shown.time, system, sleepers)}
          pick={{ chosen, onPick: (id) => show.thing(id === chosen ? null : id) }}
          inHand={somebody.layer}
          over={
            <>
              <Dimensions plan={plan} scale={scale} system={system} slidesIn={shown.time === 'road'} />
              {layer !== 'plain' && analysis && !playing && (
                <LayerOver
                  layer={layer}
                  analysis={analysis}
                  trailer={trailer}
                  made={made}
                  scale={scale}
                  chosen={chosen ?? null}
                  walker={seenBy?.walker}
                  holds={seenBy?.holds}
                />
              )}
            </>
          }
        />
      </Box>
    </>
  )
}

const LAYER_OPTIONS = LAYERS.map((value) => ({ value, name: LAYER_NAMES[value].name, key: LAYER_NAMES[value].key }))
