import type { MeasureSystem } from '@hitchet/core/quantity/format'
import type { TakenUnit } from '@hitchet/core/takehome/takeHome'
import { planText } from '@hitchet/core/yard/planText'
import { PlanStrip } from '../drawing/PlanStrip'
import { Drawing } from './drawing'
import type { PaperScale } from './scale'

/** Labels and tokens are drawn so much smaller than on a screen: paper is read nearer to the eye. */
const LETTERS = 0.8

/** A unit's ordinary night to a stated scale. */
export function NightPlan({ unit, scale, system }: { unit: TakenUnit; scale: PaperScale; system: MeasureSystem }) {
  const { made, sleepers } = unit.night
  return (
    <Drawing
      scale={scale.points}
      of={
        <PlanStrip
          plan={unit.plan}
          time="night"
          frame={scale.frame}
          scale={scale.points / LETTERS}
          made={made}
          sleepers={sleepers}
          detail="labels"
          system={system}
          text={planText(unit, 'night', system, sleepers)}
        />
      }
    />
  )
}
