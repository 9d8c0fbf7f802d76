import { ease, type Margin, type Verdict } from '@hitchet/core/questions/reason'
import { FILLS } from './patterns'

const USUAL = 132
const HEIGHT = 14

/**
 * What is to spare grows to the right of the center line, what is short to the left; full at the margin's
 * own `plenty`. Without a margin a short stub on the verdict's side; to be measured: hollow, on the line, and what is known
 * of it solid before it.
 * Decoration beside words that say the same.
 */
export function MarginBar({
  verdict,
  margin,
  known,
  width: WIDTH = USUAL,
}: {
  verdict: Verdict
  margin?: Margin
  /** What is known of an answer that is open: it stands solid before what is to be measured. */
  known?: Margin
  width?: number
}) {
  const center = WIDTH / 2
  const half = center - 4
  const share = margin ? ease(margin) : verdict === 'no' ? -0.2 : 0.2
  const long = Math.max(4, Math.abs(share) * half)
  const measure = verdict === 'measure'
  const open = known ? half : 22
  const x = measure ? (known ? center : center - 11) : share < 0 ? center - long : center
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
        width={measure ? open : long}
        height="8"
        rx={measure ? 3 : 0}
        fill={FILLS[verdict]}
        stroke={`var(--h-colors-${verdict})`}
        strokeWidth="1"
        strokeDasharray={measure ? '3 2' : undefined}
      />
      {measure && known && (
        <rect
          x={center}
          y="3"
          width={Math.max(4, Math.max(0, ease(known)) * half)}
          height="8"
          fill={FILLS.fits}
          stroke="var(--h-colors-fits)"
          strokeWidth="1"
        />
      )}
      <line x1={center} x2={center} y1="0" y2={HEIGHT} stroke="var(--h-colors-ink)" strokeWidth="1.6" />
    </svg>
  )
}
