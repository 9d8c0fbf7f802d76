import type { PersonToken } from '@hitchet/core/household/tokens'
import { OPPOSITE } from '@hitchet/core/plan/facing'
import type { Berth } from '@hitchet/core/plan/plan'
import { bounds, type Bounds, type Point } from '@hitchet/core/plan/shape'
import { figure } from '@hitchet/core/readings/reading'
import { BERTH_KINDS } from '@hitchet/core/readings/catalogue'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'
import { FittedText } from './FittedText'
import { facing } from './frame'
import { PersonDot } from './PersonToken'

/** From this width on two pillows, inches. */
const TWO_PILLOWS = 48
const PILLOW = 13

/** A mattress with its pillows at the head; made up at night; an upper bunk as a broken line over the lower. */
export function BerthMark({ berth, made }: { berth: Berth; made: boolean }) {
  const { across, deep, transform } = facing(bounds(berth.shape), OPPOSITE[berth.head])
  if (BERTH_KINDS[berth.kind].upper) {
    return (
      <rect
        transform={transform}
        x="3"
        y="3"
        width={across - 6}
        height={deep - 6}
        rx="3"
        fill="none"
        strokeDasharray="4 3"
      />
    )
  }
  const pillows = across >= TWO_PILLOWS ? 2 : 1
  const each = across / pillows
  return (
    <g transform={transform}>
      <rect width={across} height={deep} rx="3" fill="var(--h-colors-bar)" />
      {made && (
        <path
          d={[
            `M0 ${deep * 0.4}Q${across / 2} ${deep * 0.36} ${across} ${deep * 0.4}V${deep - 3}`,
            `Q${across} ${deep} ${across - 3} ${deep}H3Q0 ${deep} 0 ${deep - 3}Z`,
          ].join('')}
          fill="var(--h-colors-sheet)"
        />
      )}
      {Array.from({ length: pillows }, (_, i) => (
        <rect
          key={i}
          x={i * each + Math.min(4, each * 0.1)}
          y="3"
          width={each - 2 * Math.min(4, each * 0.1)}
          height={Math.min(PILLOW, deep * 0.2)}
          rx="4"
          fill="var(--h-colors-cushion)"
        />
      ))}
    </g>
  )
}

/** Name and mattress in the foot half, where no token lies. `twin`: the bunk above it, told in the same breath. */
export function BerthLabel({
  berth,
  twin,
  scale,
  system,
}: {
  berth: Berth
  twin?: Berth
  scale: number
  system: MeasureSystem
}) {
  return (
    <FittedText
      wordings={berthWordings(berth, twin, system)}
      zone={footOf(bounds(berth.shape), berth.head)}
      scale={scale}
    />
  )
}

/** The people in a berth, heads at the head end; those in the upper bunk a row further down. */
export function Sleepers({
  berth,
  people,
  upper,
  r,
}: {
  berth: Berth
  people: readonly PersonToken[]
  upper: boolean
  r: number
}) {
  const box = bounds(berth.shape)
  return people.map((token, i) => {
    const [x, y] = pillowSpot(box, berth.head, (i + 0.5) / people.length, r, upper)
    return (
      <g key={token.id}>
        <PersonDot token={token} x={x} y={y} r={r} />
        {upper && (
          <path
            d={`M${x - r * 0.45} ${y - r * 1.05}h${r * 0.9}l${-r * 0.45} ${-r * 0.5}z`}
            fill="var(--h-colors-ink)"
            stroke="var(--h-colors-bar)"
            strokeWidth={r * 0.08}
          />
        )}
      </g>
    )
  })
}

/** From the full wording to the shortest: `Queen 60 × 80`, `Queen`. A size nobody read says so. */
export function berthWordings(berth: Berth, twin: Berth | undefined, system: MeasureSystem): string[] {
  const name = twin ? 'Two bunks' : berth.name
  const [width, length] = [figure(berth.readings, 'mattressWidth'), figure(berth.readings, 'mattressLength')]
  if (width === undefined || length === undefined) return [`${name}: measure`, 'Measure']
  const plain = (value: number) => formatQuantity(inches(value), system).replace(/ (in|cm)$/, '')
  return [`${name} ${plain(width)} × ${plain(length)}`, `${plain(width)} × ${plain(length)}`]
}

function footOf({ x0, y0, x1, y1 }: Bounds, head: Berth['head']): Bounds {
  const [w, h] = [(x1 - x0) * 0.54, (y1 - y0) * 0.54]
  if (head === 'front') return { x0: x0 + w, y0, x1, y1 }
  if (head === 'rear') return { x0, y0, x1: x1 - w, y1 }
  return head === 'off-door' ? { x0, y0: y0 + h, x1, y1 } : { x0, y0, x1, y1: y1 - h }
}

function pillowSpot({ x0, y0, x1, y1 }: Bounds, head: Berth['head'], share: number, r: number, upper: boolean): Point {
  const lengthwise = head === 'front' || head === 'rear'
  const deep = lengthwise ? x1 - x0 : y1 - y0
  const away = Math.min(deep - r, Math.max(r + 1, deep * 0.2) + (upper ? 2.5 * r : 0))
  const across = (lengthwise ? y0 : x0) + share * (lengthwise ? y1 - y0 : x1 - x0)
  return {
    front: [x0 + away, across],
    rear: [x1 - away, across],
    'off-door': [across, y0 + away],
    door: [across, y1 - away],
  }[head] as Point
}
