import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { headOf, PAN, type SideView as Side } from '@hitchet/core/plan/living/sideView'

/** Pixels per inch, and room for what is written on the right. */
const SCALE = 1.7
const NOTES = 150
const LEAST = 100
/** Of somebody's height: head, and from the crown to the seat. */
const HEAD = 0.065
/** From a thing to the middle of whoever stands beside it, inches. */
const BESIDE = 10

/** A thing from the side, to scale, with somebody there: red where the head comes through what is above. */
export function SideView({ view, height, system }: { view: Side; height: number; system: MeasureSystem }) {
  const { long, from, to, ceiling, guard, pose, usual, above } = view
  const top = headOf(view, height)
  const tooHigh = ceiling !== undefined && top > ceiling
  // On a pan one stands; before all else that is stood at, beside it.
  const stand = pose === 'standing' && to > PAN ? long + BESIDE : Math.min(long / 2, 20)
  const wide = Math.max(long, stand + BESIDE, 40)
  const high = Math.max(LEAST, (ceiling ?? 0) + 4, top + 4)
  const y = (above: number) => high - above
  const words = (value: number) => formatQuantity(inches(Math.round(value * 2) / 2), system)
  const color = tooHigh ? 'var(--h-colors-no)' : 'var(--h-colors-green)'
  const headroom = ceiling === undefined ? undefined : ceiling - (pose === 'lying' || to <= PAN ? to : 0)
  return (
    <svg
      role="img"
      aria-label={`${view.name} from the side. ${
        ceiling === undefined ? `Measure the ${above}` : `${above}: ${words(headroom!)}`
      }. At ${words(height)} tall you ${tooHigh ? 'hit your head' : 'clear it'}.`}
      width={(wide + 12) * SCALE + NOTES}
      height={(high + 6) * SCALE}
      viewBox={`-6 0 ${wide + 12 + NOTES / SCALE} ${high + 6}`}
      fill="none"
      stroke="var(--h-colors-line)"
      strokeWidth={1 / SCALE}
    >
      <line x1={-6} x2={wide + 6} y1={y(0)} y2={y(0)} strokeWidth={2} stroke="var(--h-colors-ink)" />
      {ceiling !== undefined && (
        <line x1={-6} x2={wide + 6} y1={y(ceiling)} y2={y(ceiling)} strokeWidth={2} stroke="var(--h-colors-ink)" />
      )}
      <rect
        x={0}
        y={y(to)}
        width={long}
        height={Math.max(1, to - from)}
        rx={1}
        fill="var(--h-colors-cushion)"
        strokeDasharray={usual ? '3 2' : undefined}
      />
      {guard !== undefined && <rect x={0} y={y(to + guard)} width={long} height={guard} rx={1} />}
      <Person pose={pose} view={view} stand={stand} top={top} y={y} color={color} height={height} />
      <g stroke="none" fill="var(--h-colors-ink)" style={{ fontSize: '7px' }} className="figure">
        <text
          x={wide + 10}
          y={y(ceiling ?? high - 8) + 7}
          fill={ceiling === undefined ? 'var(--h-colors-measure)' : color}
        >
          {ceiling === undefined ? `Measure the ${above}` : `${words(headroom!)} ${above}`}
        </text>
        {to > PAN && (
          <text x={wide + 10} y={y(to) + 2}>
            {words(to)} high{usual ? ', the usual' : ''}
          </text>
        )}
        {guard !== undefined && (
          <text x={wide + 10} y={y(to + guard) - 2}>
            {words(guard)} guard
          </text>
        )}
      </g>
    </svg>
  )
}

/** Standing beside it, sitting on it, or sitting up in it: head, trunk, legs. */
function Person({
  pose,
  view: { to },
  stand,
  top,
  y,
  color,
  height,
}: {
  pose: Side['pose']
  view: Side
  stand: number
  top: number
  y(above: number): number
  color: string
  height: number
}) {
  const r = height * HEAD
  const x = pose === 'standing' ? stand : 12
  const seat = pose === 'standing' ? top - height * 0.53 : pose === 'sitting' ? 18 : to + 3
  return (
    <g stroke={color} strokeWidth={3.2} strokeLinecap="round" strokeLinejoin="round">
      <circle cx={x} cy={y(top - r)} r={r} fill={color} stroke="none" />
      <path d={`M${x} ${y(top - 2 * r - 2)}V${y(seat)}`} />
      {pose === 'standing' && <path d={`M${x} ${y(seat)}V${y(top - height + 2)}`} />}
      {pose === 'sitting' && <path d={`M${x} ${y(seat)}h${height * 0.27}V${y(2)}`} />}
      {pose === 'lying' && <path d={`M${x} ${y(seat)}h${height * 0.5}`} />}
    </g>
  )
}
