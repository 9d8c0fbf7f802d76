import type { SightLine } from '@hitchet/core/plan/living/sight'
import type { SeatingRules } from '@hitchet/core/questions/seating/rules'

/** Whether one sees that TV from there without turning the neck. */
export const isEasy = ({ turn, slant, blockedBy }: SightLine, rules: SeatingRules): boolean =>
  !blockedBy && turn <= rules.turn && slant <= rules.slant

/**
 * A line from every seat to its TV: solid where it is easy, broken where the neck turns, crossed where
 * something stands between.
 */
export function SightLayer({ sights, rules, scale }: { sights: SightLine[]; rules: SeatingRules; scale: number }) {
  return (
    <g pointerEvents="none" data-layer="sight lines">
      {sights.map((sight, i) => {
        const easy = isEasy(sight, rules)
        const color = sight.blockedBy ? 'var(--h-colors-no)' : easy ? 'var(--h-colors-green)' : 'var(--h-colors-tight)'
        const [mx, my] = [(sight.from[0] + sight.to[0]) / 2, (sight.from[1] + sight.to[1]) / 2]
        const r = 4 / scale
        return (
          <g key={i} stroke={color} fill="none">
            <line
              x1={sight.from[0]}
              y1={sight.from[1]}
              x2={sight.to[0]}
              y2={sight.to[1]}
              strokeWidth={(easy ? 2 : 1.2) / scale}
              strokeDasharray={easy ? undefined : `${5 / scale} ${4 / scale}`}
            />
            {sight.blockedBy && (
              <path
                d={`M${mx - r} ${my - r}l${2 * r} ${2 * r}m0 ${-2 * r}l${-2 * r} ${2 * r}`}
                strokeWidth={2 / scale}
              />
            )}
            <circle
              cx={sight.from[0]}
              cy={sight.from[1]}
              r={8.5 / scale}
              fill="var(--h-colors-bar)"
              strokeWidth={1.6 / scale}
            />
            <text
              x={sight.from[0]}
              y={sight.from[1]}
              className="figure"
              textAnchor="middle"
              dominantBaseline="central"
              style={{ fontSize: `${9.5 / scale}px` }}
              fill="var(--h-colors-ink)"
              stroke="none"
            >
              {Math.round(sight.turn)}°
            </text>
          </g>
        )
      })}
    </g>
  )
}
