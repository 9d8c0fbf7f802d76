import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { quantity } from '@hitchet/core/quantity/quantity'

/** What is marked on it, F. */
export interface Mark {
  at: number
  says: string
  /** Above the tube, or under it. */
  side: 'above' | 'under'
}

const WIDTH = 860
const PAD = 30
const TUBE = { y: 58, high: 18 }
const HEIGHT = 140
const FROM = -20
const TO = 115
const TICKS = [-20, 0, 20, 32, 50, 65, 78, 95, 115]

/**
 * A thermometer lying down, as all on the screen is: from frost at the left to heat at the right. Filled where it is
 * comfortable inside; the posts are the coldest night and the hottest day of their season.
 */
export function Thermometer({
  comfort,
  posts,
  marks,
  text,
  system,
}: {
  comfort?: { from: number; to: number }
  posts: readonly Mark[]
  marks: readonly Mark[]
  text: string
  system: MeasureSystem
}) {
  const clamp = (degrees: number): number => Math.max(FROM, Math.min(TO, degrees))
  const x = (degrees: number): number => PAD + ((clamp(degrees) - FROM) / (TO - FROM)) * (WIDTH - 2 * PAD)
  const said = (degrees: number): string => formatQuantity(quantity(Math.round(degrees), 'F'), system)
  const placed = [
    ...spread(marks, x).map((mark) => ({ ...mark, bold: false })),
    ...spread(posts, x).map((mark) => ({ ...mark, bold: true })),
  ]
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={WIDTH} role="img" aria-label={text} style={{ maxWidth: '100%' }}>
      <rect
        x={PAD - 6}
        y={TUBE.y}
        width={WIDTH - 2 * PAD + 12}
        height={TUBE.high}
        rx={TUBE.high / 2}
        fill="var(--h-colors-floor)"
        stroke="var(--h-colors-line)"
      />
      {comfort && comfort.to > comfort.from && (
        <rect
          x={x(comfort.from)}
          y={TUBE.y + 4}
          width={x(comfort.to) - x(comfort.from)}
          height={TUBE.high - 8}
          fill="var(--h-colors-fits)"
        />
      )}
      {TICKS.map((degrees) => (
        <g key={degrees}>
          <line
            x1={x(degrees)}
            x2={x(degrees)}
            y1={TUBE.y + TUBE.high}
            y2={TUBE.y + TUBE.high + 5}
            stroke="var(--h-colors-line)"
          />
          <text
            x={x(degrees)}
            y={TUBE.y + TUBE.high + 18}
            textAnchor="middle"
            fontSize="12.5"
            className="figure"
            fill="var(--h-colors-line)"
          >
            {said(degrees)}
          </text>
        </g>
      ))}
      {placed.map((mark) => (
        <MarkLine key={mark.says} {...mark} />
      ))}
      {placed.map((mark) => (
        <MarkWords key={mark.says} {...mark} />
      ))}
    </svg>
  )
}

interface Placed extends Mark {
  x: number
  /** Which of two lines of words. */
  row: number
}

/** About so wide is a letter; words nearer to each other than they are wide go on a second line. */
const LETTER = 6.6

function spread(marks: readonly Mark[], x: (degrees: number) => number): Placed[] {
  const placed: Placed[] = []
  for (const mark of [...marks].sort((a, b) => a.at - b.at)) {
    const here = x(mark.at)
    const beside = placed.filter(({ side }) => side === mark.side).at(-1)
    const close = beside && here - beside.x < (LETTER * (mark.says.length + beside.says.length)) / 2 + 12
    placed.push({ ...mark, x: here, row: close ? 1 - beside.row : 0 })
  }
  return placed
}

/** Where the words of a mark stand. */
const baseline = ({ side, row }: Placed): number => (side === 'above' ? (row === 0 ? 40 : 20) : row === 0 ? 112 : 130)

/** Lines before words: no line goes through a word. */
function MarkLine({ bold, ...mark }: Placed & { bold: boolean }) {
  const { x, side } = mark
  return (
    <line
      x1={x}
      x2={x}
      y1={side === 'above' ? baseline(mark) + 6 : TUBE.y}
      y2={side === 'above' ? TUBE.y + TUBE.high : baseline(mark) - 12}
      stroke="var(--h-colors-ink)"
      strokeWidth={bold ? 3 : 1.5}
      strokeDasharray={bold ? undefined : '3 3'}
    />
  )
}

function MarkWords({ bold, ...mark }: Placed & { bold: boolean }) {
  const half = (LETTER * mark.says.length) / 2
  return (
    <text
      x={Math.max(half + 2, Math.min(WIDTH - half - 2, mark.x))}
      y={baseline(mark)}
      textAnchor="middle"
      fontSize="13.5"
      fontWeight={bold ? 700 : 400}
      fill="var(--h-colors-ink)"
      paintOrder="stroke"
      stroke="var(--h-colors-paper)"
      strokeWidth="4"
    >
      {mark.says}
    </text>
  )
}
