import type { Plan } from '@hitchet/core/plan/plan'
import { formatFeet, formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { heightFor } from './frame'

/** Below the plan the box's length, at its front the width, over each slide how far it moves. */
export function Dimensions({
  plan,
  scale,
  system,
  slidesIn = false,
}: {
  plan: Plan
  scale: number
  system: MeasureSystem
  slidesIn?: boolean
}) {
  const { length, width, tongue } = plan.box
  const bottom = heightFor(plan).bottom - 4
  const size = 11 / scale
  const text = {
    className: 'figure',
    textAnchor: 'middle',
    dominantBaseline: 'central',
    style: { fontSize: `${size}px` },
    fill: 'var(--h-colors-ink)',
    stroke: 'none',
  } as const
  const tick = 3
  return (
    <g data-layer="dimensions" stroke="var(--h-colors-line)" strokeWidth={1 / scale} fill="none" pointerEvents="none">
      <path
        d={[
          `M0 ${bottom - tick}v${2 * tick}M0 ${bottom}H${length / 2 - 4 * size}`,
          `M${length / 2 + 4 * size} ${bottom}H${length}m0 ${-tick}v${2 * tick}`,
        ].join('')}
      />
      <text x={length / 2} y={bottom} {...text}>
        box {formatFeet(length, system)}
      </text>
      <text x={-tongue / 2 - 2} y={width - size} {...text}>
        {formatFeet(width, system)} wide
      </text>
      {!slidesIn &&
        plan.slides
          .filter(({ wall }) => wall === 'off-door' || wall === 'door')
          .map(({ id, wall, start, length: long, depth }) => {
            const y = wall === 'off-door' ? -depth / 2 : width + depth / 2
            return (
              <g key={id}>
                <path
                  d={`M${start + long + 7} ${wall === 'off-door' ? 0 : width}v${wall === 'off-door' ? -depth : depth}m-3 0h6`}
                />
                <text x={start + long + 7 + 3.4 * size} y={y} {...text}>
                  {formatQuantity(inches(depth), system)} out
                </text>
              </g>
            )
          })}
    </g>
  )
}
