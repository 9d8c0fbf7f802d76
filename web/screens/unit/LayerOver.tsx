import type { PersonToken } from '@hitchet/core/household/tokens'
import { bodiesAt } from '@hitchet/core/plan/times'
import type { HoldOnPlan } from '@hitchet/core/stowing/onPlan'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { Analysis } from '../../analysis/analyse'
import { ClearanceLayer } from '../../drawing/layers/ClearanceLayer'
import { ExitLayer } from '../../drawing/layers/ExitLayer'
import { FaultLayer } from '../../drawing/layers/FaultLayer'
import { SightLayer } from '../../drawing/layers/SightLayer'
import { StorageLayer, WeightLayer } from '../../drawing/layers/ThingsLayer'
import { WayLayer } from '../../drawing/layers/WayLayer'
import { useHouseRules } from '../../look/houseRules'
import { useMeasures } from '../../look/measures'
import type { Layer } from './layers'

/** The chosen layer's own drawing; a chosen thing shows the way to it under any layer. */
export function LayerOver({
  layer,
  analysis,
  trailer: { plan },
  made,
  scale,
  chosen,
  walker,
  holds,
}: {
  layer: Layer
  analysis: Analysis
  trailer: Trailer
  made: string[]
  scale: number
  chosen: string | null
  walker?: PersonToken
  holds?: readonly HoldOnPlan[]
}) {
  const system = useMeasures()
  const { seating } = useHouseRules()
  const walked = analysis.ways.find(({ id }) => id === chosen) ?? (layer === 'ways' ? narrowest(analysis) : undefined)
  return (
    <>
      {layer === 'room' && <ClearanceLayer heat={analysis.heat} />}
      {layer === 'sight' && <SightLayer sights={analysis.sights} rules={seating} scale={scale} />}
      {layer === 'exits' && <ExitLayer plan={plan} exits={analysis.exits} scale={scale} />}
      {layer === 'storage' && <StorageLayer plan={plan} scale={scale} holds={holds} />}
      {layer === 'weights' && (
        <WeightLayer plan={plan} scale={scale} system={system} present={bodiesAt(plan, analysis.time, made)} />
      )}
      {layer === 'faults' && <FaultLayer findings={analysis.findings} scale={scale} />}
      {(layer === 'ways' || layer === 'room') && walked?.way && (
        <WayLayer way={walked.way} scale={scale} system={system} walker={walker} />
      )}
    </>
  )
}

const narrowest = ({ ways }: Analysis) =>
  ways
    .filter(({ way }) => way)
    .reduce<Analysis['ways'][number] | undefined>(
      (least, one) => (!least || one.width < least.width ? one : least),
      undefined,
    )
