import { toldWidth } from '@hitchet/core/plan/floor/toldWidth'
import type { PersonToken } from '@hitchet/core/household/tokens'
import type { Way } from '@hitchet/core/plan/ways/ways'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { formatQuantity } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { PersonDot } from '../PersonToken'

/**
 * A way as it is walked, with its narrowest squeeze marked and measured. Someone of the household walks it, or
 * anyone; nobody where motion is not wanted.
 */
export function WayLayer({
  way,
  scale,
  system,
  walker,
}: {
  way: Way
  scale: number
  system: MeasureSystem
  walker?: PersonToken
}) {
  const line = `M${way.path.map((point) => point.join(' ')).join('L')}`
  const [x, y] = way.narrowest
  const text = formatQuantity(inches(toldWidth(way.width)), system)
  const size = 11.5 / scale
  const wide = (text.length * 0.5 * 11.5 + 10) / scale
  return (
    <g pointerEvents="none" data-layer="ways">
      <path
        d={line}
        fill="none"
        stroke="var(--h-colors-green)"
        strokeWidth={2.2 / scale}
        strokeDasharray={`${6 / scale} ${4 / scale}`}
        strokeLinejoin="round"
      />
      <circle
        cx={x}
        cy={y}
        r={Math.max(way.width / 2, 3)}
        fill="none"
        stroke="var(--h-colors-tight)"
        strokeWidth={1.8 / scale}
      />
      <g className="walker">
        {walker ? (
          <PersonDot token={walker} x={0} y={0} r={9 / scale} />
        ) : (
          <circle r={5 / scale} fill="var(--h-colors-green)" stroke="var(--h-colors-bar)" strokeWidth={1.2 / scale} />
        )}
        <animateMotion dur={`${Math.max(2, way.length / 60)}s`} repeatCount="indefinite" path={line} />
      </g>
      <g transform={`translate(${x} ${y - Math.max(way.width / 2, 3) - 9 / scale})`}>
        <rect
          x={-wide / 2}
          y={-size * 0.75}
          width={wide}
          height={size * 1.5}
          rx={3 / scale}
          fill="var(--h-colors-bar)"
          stroke="var(--h-colors-tight)"
          strokeWidth={1 / scale}
        />
        <text
          className="figure"
          textAnchor="middle"
          dominantBaseline="central"
          style={{ fontSize: `${size}px`, fontWeight: 600 }}
          fill="var(--h-colors-ink)"
          stroke="none"
        >
          {text}
        </text>
      </g>
    </g>
  )
}
