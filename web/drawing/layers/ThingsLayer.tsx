import type { Plan } from '@hitchet/core/plan/plan'
import type { HoldOnPlan } from '@hitchet/core/stowing/onPlan'
import { bounds, type Shape } from '@hitchet/core/plan/shape/shape'
import { figure } from '@hitchet/core/readings/reading'
import { BERTH_KINDS, type FixtureKind } from '@hitchet/core/readings/catalogue'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import { FittedText, withoutOverlap, type Label } from '../FittedText'
import { Outline } from '../Outline'
import { withId } from '@hitchet/core/plan/withId'

export const STORAGE_KINDS: readonly FixtureKind[] = [
  'pantry',
  'wardrobe',
  'cabinet',
  'tall-cabinet',
  'overhead',
  'nightstand',
  'linen',
  'island',
]

/**
 * Where things are put: what stores them is filled, bay doors are marked on the outer wall; with a household open each bay and
 * rack by its outline, and in it what rides there.
 */
export function StorageLayer({
  plan,
  scale,
  holds = [],
}: {
  plan: Plan
  scale: number
  holds?: readonly HoldOnPlan[]
}) {
  const doors = plan.outside.filter(({ kind }) => kind === 'bay' || kind === 'pass-through')
  return (
    <g pointerEvents="none" data-layer="storage">
      {plan.fixtures
        .filter(({ kind }) => STORAGE_KINDS.includes(kind))
        .map(({ id, shape }) => (
          <Outline
            key={id}
            shape={shape}
            fill="var(--h-colors-green)"
            fillOpacity="0.3"
            stroke="var(--h-colors-green)"
            strokeWidth={1.8 / scale}
          />
        ))}
      {doors.map(({ id, wall, start, length }) => {
        const along = wall === 'door' || wall === 'off-door'
        const at = wall === 'door' ? plan.box.width : wall === 'rear' ? plan.box.length : 0
        return (
          <line
            key={id}
            x1={along ? start : at}
            x2={along ? start + length : at}
            y1={along ? at : start}
            y2={along ? at : start + length}
            stroke="var(--h-colors-green)"
            strokeWidth={6 / scale}
          />
        )
      })}
      {holds.map(({ id, zone: { x0, x1, y0, y1 }, things }) => (
        <rect
          key={id}
          x={x0}
          y={y0}
          width={x1 - x0}
          height={y1 - y0}
          fill="var(--h-colors-bar)"
          fillOpacity={things.length ? 0.7 : 0.3}
          stroke="var(--h-colors-green)"
          strokeWidth={1.6 / scale}
          strokeDasharray={`${5 / scale} ${3 / scale}`}
        />
      ))}
      {withoutOverlap(
        holds.map((hold) => holdLabel(hold, plan.box.width)),
        scale,
      ).map(({ id, ...label }) => (
        <FittedText key={id} {...label} scale={scale} />
      ))}
    </g>
  )
}

/** All that rides in a bay or on a rack by name, or how many things. */
function holdLabel({ id, name, zone, things }: HoldOnPlan, across: number): Label {
  const sum = things.reduce((all, { count }) => all + count, 0)
  const each = things.map((one) => `${one.count} ${one.name.toLowerCase()}`).join(', ')
  const count = sum === 1 ? '1 thing' : `${sum} things`
  const wordings = sum ? [`${name}: ${each}`, each, `${name}: ${count}`, count] : [`${name}: empty`, 'empty']
  // One that goes through under a bed is named by its door: over its middle lies what is under the bed.
  const through = zone.y1 - zone.y0 > 0.8 * across
  const free = through ? { ...zone, y0: (zone.y0 + zone.y1) / 2 } : zone
  return { id, wordings, zone: free, size: 12, halo: true }
}

/** Berths that bear a weight limit, or should. */
export const limitedBerths = ({ berths }: Plan): Plan['berths'] =>
  berths.filter(({ kind, readings }) => BERTH_KINDS[kind].limited || figure(readings, 'weightLimit') !== undefined)

/** What each of them carries, or that it has to be read. */
export function WeightLayer({
  plan,
  scale,
  system,
  present,
}: {
  plan: Plan
  scale: number
  system: MeasureSystem
  present: readonly { id: string; shape: Shape }[]
}) {
  const seen = new Map<string, number>()
  return (
    <g pointerEvents="none" data-layer="weights">
      {limitedBerths(plan)
        .filter(({ id }) => present.some((one) => one.id === id))
        .map((berth) => {
          const shape = withId(present, berth.id).shape
          const { x0, y0, x1, y1 } = bounds(shape)
          const nth = seen.get([x0, y0].join()) ?? 0
          seen.set([x0, y0].join(), nth + 1)
          const limit = figure(berth.readings, 'weightLimit')
          const text = limit === undefined ? 'Measure' : formatQuantity(pounds(limit), system)
          const row = (y1 - y0) / 3
          const zone = { x0: x0 + 3, x1: x1 - 3, y0: y0 + (nth + 0.5) * row, y1: y0 + (nth + 1.5) * row }
          return (
            <g key={berth.id}>
              <rect
                x={(x0 + x1) / 2 - 30}
                y={zone.y0 + row * 0.1}
                width="60"
                height={row * 0.8}
                rx={3 / scale}
                fill="var(--h-colors-bar)"
                stroke="var(--h-colors-line)"
                strokeDasharray={limit === undefined ? `${4 / scale} ${3 / scale}` : undefined}
              />
              <FittedText wordings={[`${nth ? 'Upper ' : ''}${text}`, text]} zone={zone} scale={scale} size={12} />
            </g>
          )
        })}
    </g>
  )
}
