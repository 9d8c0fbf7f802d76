import type { Point } from '@hitchet/core/plan/shape/shape'
import type { Station } from '@hitchet/core/walk/station'

/** The stations of a walk by their numbers, the way from the one before to the one lit, and its things numbered where they are. */
export function StationLayer({
  stations,
  leg,
  current,
  scale,
}: {
  stations: readonly Station[]
  /** The way to the station that is lit; nothing at the first. */
  leg?: readonly Point[]
  current: string
  scale: number
}) {
  return (
    <g pointerEvents="none" data-layer="walk">
      {leg && (
        <path
          d={`M${leg.map((point) => point.join(' ')).join('L')}`}
          fill="none"
          stroke="var(--h-colors-green)"
          strokeWidth={2.2 / scale}
          strokeDasharray={`${6 / scale} ${4 / scale}`}
          strokeLinejoin="round"
        />
      )}
      {stations.map(({ id, at: [x, y] }, i) => {
        const lit = id === current
        return (
          <g key={id} transform={`translate(${x} ${y})`}>
            <circle
              r={(lit ? 13 : 9) / scale}
              fill={lit ? 'var(--h-colors-green)' : 'var(--h-colors-bar)'}
              stroke="var(--h-colors-green)"
              strokeWidth={1.4 / scale}
            />
            <text
              className="figure"
              textAnchor="middle"
              dominantBaseline="central"
              style={{ fontSize: `${(lit ? 14 : 11.5) / scale}px`, fontWeight: 700 }}
              fill={lit ? 'var(--h-colors-bar)' : 'var(--h-colors-ink)'}
              stroke="none"
            >
              {i + 1}
            </text>
          </g>
        )
      })}
    </g>
  )
}
