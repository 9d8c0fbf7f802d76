import type { PersonToken as Token } from '@hitchet/core/household/tokens'

/** White on each keeps 4.5:1. */
const COLORS = [
  '#1f6f8b',
  '#8a4f9e',
  '#b34a10',
  '#3d7a2e',
  '#9b2d5e',
  '#4a5fa8',
  '#77591a',
  '#2a6f69',
  '#6b4a3a',
  '#5a5a5a',
]

/** A person inside a drawing: `r` in the drawing's own units. */
export function PersonDot({ token, x, y, r }: { token: Token; x: number; y: number; r: number }) {
  return (
    <g>
      <circle
        cx={x}
        cy={y}
        r={r}
        fill={COLORS[token.color % COLORS.length]}
        stroke="var(--h-colors-bar)"
        strokeWidth={r * 0.14}
      />
      <text
        x={x}
        y={y}
        style={{ fontSize: `${r * 1.02}px`, fontWeight: 600 }}
        textAnchor="middle"
        dominantBaseline="central"
        fill="#fff"
        stroke="none"
        className="figure"
      >
        {token.initials}
      </text>
    </g>
  )
}

/** A person in a line of text. */
export function PersonToken({ token, size = 26 }: { token: Token; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={token.name}
      style={{ flex: 'none' }}
    >
      <PersonDot token={token} x={size / 2} y={size / 2} r={size / 2 - 1} />
    </svg>
  )
}
