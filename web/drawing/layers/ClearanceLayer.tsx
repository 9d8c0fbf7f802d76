import type { HeatBand } from '@hitchet/core/plan/floor/heat'

/**
 * From where one turns sideways to where a wheelchair turns: the more room, the lighter. Hatched where it is
 * narrow, so that color never speaks alone.
 */
const OPACITY = [0.5, 0.34, 0.2, 0.08]

/** The free floor as a soft heat of how wide it is. What is narrower than a person stays bare. */
export function ClearanceLayer({ heat }: { heat: HeatBand[] }) {
  return (
    <g stroke="none" pointerEvents="none" data-layer="clearances">
      {heat.map(({ width, deep, runs }, i) => (
        <path
          key={width}
          d={runs.map(({ x, y, long }) => `M${x} ${y}h${long}v${deep}h${-long}z`).join('')}
          fill={i === 0 ? 'url(#fill-tight)' : 'var(--h-colors-green)'}
          fillOpacity={i === 0 ? 0.8 : OPACITY[i]}
        />
      ))}
    </g>
  )
}
