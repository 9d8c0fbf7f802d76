import { ease, type Margin, type Verdict } from '@hitchet/core/questions/reason'
import { FILLS } from './patterns'

const WIDTH = 132
const HEIGHT = 14
const HALF = WIDTH / 2 - 4

/**
 * What is to spare grows to the right of the center line, what is short to the left; full at the margin's
 * own `plenty`. Without a margin a short stub on the verdict's side; to be measured: hollow, on the line.
 * Decoration beside words that say the same.
 */
export function MarginBar({ verdict, margin }: { verdict: Verdict; margin?: Margin }) {
  const center = WIDTH / 2
  const share = margin ? ease(margin) : verdict === 'no' ? -0.2 : 0.2
  const long = Math.max(4, Math.abs(share) * HALF)
  const measure = verdict === 'measure'
  const x = measure ? center - 11 : share < 0 ? center - long : center
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden
      focusable="false"
      style={{ display: 'block', flex: 'none' }}
    >
      <line x1="0" x2={WIDTH} y1={HEIGHT / 2} y2={HEIGHT / 2} stroke="var(--h-colors-hair)" strokeWidth="2" />
      <rect
        x={x}
        y="3"
        width={measure ? 22 : long}
        height="8"
        rx={measure ? 3 : 0}
        fill={FILLS[verdict]}
        stroke={`var(--h-colors-${verdict})`}
        strokeWidth="1"
        strokeDasharray={measure ? '3 2' : undefined}
      />
      <line x1={center} x2={center} y1="0" y2={HEIGHT} stroke="var(--h-colors-ink)" strokeWidth="1.6" />
    </svg>
  )
}
