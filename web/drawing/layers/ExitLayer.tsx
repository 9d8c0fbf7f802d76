import type { WaysOut } from '@hitchet/core/plan/ways/exits'
import { outerWall, TOWARDS } from '@hitchet/core/plan/facing'
import type { Plan } from '@hitchet/core/plan/plan'
import { bounds } from '@hitchet/core/plan/shape/shape'
import { MarkText } from './MarkText'
import { withId } from '@hitchet/core/plan/withId'

/** On every berth how many ways out it has at night; on every way out an arrow to the open. */
export function ExitLayer({ plan, exits, scale }: { plan: Plan; exits: WaysOut[]; scale: number }) {
  const used = new Set(exits.flatMap(({ by }) => by))
  const outs = [...plan.doors, ...plan.windows].filter(({ id }) => used.has(id))
  const r = 10 / scale
  // Bunks over each other have their marks side by side.
  const place = new Map<string, number>()
  return (
    <g pointerEvents="none" data-layer="ways out">
      {outs.map(({ id, from, to }) => {
        const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
        const [dx, dy] = TOWARDS[outerWall(plan, { from, to })]
        const [long, wing] = [18 / scale, 6 / scale]
        return (
          <path
            key={id}
            d={[
              `M${x - dx * wing} ${y - dy * wing}L${x + dx * long} ${y + dy * long}`,
              `m${-dx * wing - dy * wing} ${-dy * wing - dx * wing}`,
              `l${dx * wing + dy * wing} ${dy * wing + dx * wing}`,
              `l${-dx * wing + dy * wing} ${-dy * wing + dx * wing}`,
            ].join('')}
            fill="none"
            stroke="var(--h-colors-green)"
            strokeWidth={2.6 / scale}
            strokeLinecap="round"
          />
        )
      })}
      {exits.map(({ berth, by }) => {
        const { shape, head } = withId(plan.berths, berth)
        const { x0, y0, x1, y1 } = bounds(shape)
        const key = [x0, y0, x1, y1].join()
        const nth = place.get(key) ?? 0
        place.set(key, nth + 1)
        // At the foot, where nobody's token lies.
        const [fx, fy] = { front: [0.72, 0.5], rear: [0.2, 0.5], 'off-door': [0.4, 0.76], door: [0.4, 0.24] }[head] as [
          number,
          number,
        ]
        const [x, y] = [x0 + (x1 - x0) * fx + nth * 2.6 * r, y0 + (y1 - y0) * fy]
        const color =
          by.length > 1 ? 'var(--h-colors-fits)' : by.length ? 'var(--h-colors-tight)' : 'var(--h-colors-no)'
        return (
          <g key={berth}>
            <circle
              cx={x}
              cy={y}
              r={r}
              fill="var(--h-colors-bar)"
              stroke={color}
              strokeWidth={2.6 / scale}
              strokeDasharray={by.length > 1 ? undefined : `${4 / scale} ${3 / scale}`}
            />
            <MarkText at={[x, y]} size={12} scale={scale}>
              {by.length}
            </MarkText>
          </g>
        )
      })}
    </g>
  )
}
