import type { Verdict } from '@hitchet/core/questions/reason'
import { FILLS } from './patterns'

const WIDTH = 420
const HEIGHT = 18

/**
 * How many nights something lasts, on a scale of nights that all bars share; a post stands where they want to be.
 * Decoration beside words that say the same.
 */
export function NightBar({
  nights,
  wanted,
  scale,
  verdict,
}: {
  nights: number
  wanted: number
  /** Nights that fill its width. */
  scale: number
  verdict: Verdict
}) {
  const at = (night: number): number => (Math.min(night, scale) / scale) * (WIDTH - 12)
  const long = Math.max(3, at(nights))
  const beyond = nights > scale
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      aria-hidden
      focusable="false"
      style={{ display: 'block', maxWidth: '100%' }}
    >
      {Array.from({ length: Math.floor(scale) + 1 }, (_, night) => (
        <line
          key={night}
          x1={at(night) + 1}
          x2={at(night) + 1}
          y1={HEIGHT - 5}
          y2={HEIGHT}
          stroke="var(--h-colors-hair)"
          strokeWidth="1"
        />
      ))}
      <line x1="0" x2={WIDTH - 12} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} stroke="var(--h-colors-hair)" />
      <path
        d={beyond ? `M1 3h${long}l8 5l-8 5H1z` : `M1 3h${long}v10H1z`}
        fill={FILLS[verdict]}
        stroke={`var(--h-colors-${verdict})`}
        strokeDasharray={verdict === 'measure' ? '3 2' : undefined}
      />
      <line x1={at(wanted) + 1} x2={at(wanted) + 1} y1="0" y2={HEIGHT} stroke="var(--h-colors-ink)" strokeWidth="2" />
    </svg>
  )
}
