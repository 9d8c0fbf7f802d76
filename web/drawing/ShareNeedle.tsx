/** Of the loaded trailer, shown from none of it to this much. */
const MOST = 0.22
const [WIDTH, HEIGHT] = [300, 48]
const at = (share: number) => Math.max(0, Math.min(MOST, share)) * (WIDTH / MOST)

interface ShareNeedleProps {
  least: number
  most: number
  /** Between which it pulls straight. */
  from: number
  to: number
}

/** The share on the hitch as a needle over the stretch in which it pulls straight; as a bar while it is not certain. */
export function ShareNeedle({ least, most, from, to }: ShareNeedleProps) {
  const certain = at(most) - at(least) < 3
  const middle = (at(least) + at(most)) / 2
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden
      focusable="false"
      style={{ maxWidth: '100%' }}
    >
      <rect x="0" y="18" width={WIDTH} height="8" fill="var(--h-colors-hair)" />
      <rect x={at(from)} y="18" width={at(to) - at(from)} height="8" fill="var(--h-colors-fits)" />
      {certain ? (
        <path
          d={`M${middle} 28l-7 -24h14z`}
          fill="var(--h-colors-ink)"
          stroke="var(--h-colors-paper)"
          strokeWidth="1.5"
        />
      ) : (
        <rect
          x={at(least)}
          y="13"
          width={at(most) - at(least)}
          height="18"
          fill="none"
          stroke="var(--h-colors-ink)"
          strokeWidth="2"
          strokeDasharray="5 3"
        />
      )}
      {[from, to].map((share) => (
        <text
          key={share}
          x={at(share)}
          y="46"
          textAnchor="middle"
          className="figure"
          fill="var(--h-colors-ink)"
          style={{ fontSize: '12px' }}
        >
          {Math.round(share * 100)} %
        </text>
      ))}
    </svg>
  )
}
