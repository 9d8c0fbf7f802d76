import type { Finding } from '@hitchet/core/plan/findings/findings'
import { MarkText } from './MarkText'

/**
 * Each finding at its place, numbered as in the list beside the plan: square where it cannot be so, round where
 * it has to be looked at. Leaves that clash are drawn as they then stand, the one that moves with its arc.
 */
export function FaultLayer({ findings, scale }: { findings: Finding[]; scale: number }) {
  const r = 9 / scale
  return (
    <g pointerEvents="none" data-layer="what clashes">
      {findings.flatMap(({ leaves = [], weight }, i) =>
        leaves.map(({ pin, tip, arc }, k) => (
          <g
            key={`${i}-${k}`}
            fill="none"
            stroke={weight === 'wrong' ? 'var(--h-colors-no)' : 'var(--h-colors-tight)'}
            strokeWidth={2.5 / scale}
          >
            <path d={`M${pin.join()}L${tip.join()}`} />
            {arc.length > 0 && (
              <path
                d={`M${arc.map((point) => point.join()).join('L')}`}
                strokeDasharray={`${4 / scale}`}
                strokeWidth={1.2 / scale}
              />
            )}
          </g>
        )),
      )}
      {findings.map(({ at: [x, y], weight }, i) => {
        const color = weight === 'wrong' ? 'var(--h-colors-no)' : 'var(--h-colors-tight)'
        return (
          <g key={i}>
            {weight === 'wrong' ? (
              <rect
                x={x - r}
                y={y - r}
                width={2 * r}
                height={2 * r}
                fill="var(--h-colors-bar)"
                stroke={color}
                strokeWidth={2 / scale}
              />
            ) : (
              <circle cx={x} cy={y} r={r} fill="var(--h-colors-bar)" stroke={color} strokeWidth={2 / scale} />
            )}
            <MarkText at={[x, y]} size={11} scale={scale}>
              {i + 1}
            </MarkText>
          </g>
        )
      })}
    </g>
  )
}
