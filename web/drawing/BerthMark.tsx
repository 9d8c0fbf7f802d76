import type { MeasureSystem } from '@hitchet/core/quantity/format'
import { berthWordings } from '@hitchet/core/plan/berthWordings'
import type { PersonToken } from '@hitchet/core/household/tokens'
import { OPPOSITE } from '@hitchet/core/plan/facing'
import type { Berth } from '@hitchet/core/plan/plan'
import { bounds, type Bounds, type Point } from '@hitchet/core/plan/shape/shape'
import { BERTH_KINDS } from '@hitchet/core/readings/catalogue'
import type { Label } from './FittedText'
import { facing } from './frame'
import { PersonDot } from './PersonToken'

/** From this width on two pillows, inches. */
const TWO_PILLOWS = 48
const PILLOW = 13
/** How far inside an upper bunk is drawn, inches. */
const RIM = 3

/** A mattress with its pillows at the head; made up at night; an upper bunk as a broken line over the lower. */
export function BerthMark({ berth, made }: { berth: Berth; made: boolean }) {
  const { across, deep, transform } = facing(bounds(berth.shape), OPPOSITE[berth.head])
  if (BERTH_KINDS[berth.kind].upper) {
    return (
      <rect
        transform={transform}
        x={RIM}
        y={RIM}
        width={across - 2 * RIM}
        height={deep - 2 * RIM}
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

/**
 * Name and mattress below the pillows; in the foot half where tokens lie. `twin`: the bunk above it, told in the same breath.
 * `tokens`: inches from the head that are taken by tokens.
 */
export function berthLabel(berth: Berth, twin: Berth | undefined, tokens: number, system: MeasureSystem): Label {
  const foot = footOf(bounds(berth.shape), berth.head, tokens)
  // An upper bunk's broken line runs round inside.
  const rim = twin || BERTH_KINDS[berth.kind].upper ? RIM : 0
  return {
    id: berth.id,
    wordings: berthWordings(berth, twin, system),
    zone: { x0: foot.x0 + rim, y0: foot.y0 + rim, x1: foot.x1 - rim, y1: foot.y1 - rim },
  }
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

function footOf({ x0, y0, x1, y1 }: Bounds, head: Berth['head'], tokens: number): Bounds {
  const share = tokens > 0 ? 0.54 : 0.28
  const [w, h] = [Math.max((x1 - x0) * share, tokens), Math.max((y1 - y0) * share, tokens)]
  if (head === 'front') return { x0: x0 + w, y0, x1, y1 }
  if (head === 'rear') return { x0, y0, x1: x1 - w, y1 }
  return head === 'off-door' ? { x0, y0: y0 + h, x1, y1 } : { x0, y0, x1, y1: y1 - h }
}

/** How far from the head tokens of this size reach, inches; `upper`: those of the bunk above too. */
export function tokensReach({ shape, head }: Berth, r: number, upper: boolean): number {
  return awayFromHead(deepOf(bounds(shape), head), r, upper) + r
}

const deepOf = ({ x0, y0, x1, y1 }: Bounds, head: Berth['head']): number =>
  head === 'front' || head === 'rear' ? x1 - x0 : y1 - y0

const awayFromHead = (deep: number, r: number, upper: boolean): number =>
  Math.min(deep - r, Math.max(r + 1, deep * 0.2) + (upper ? 2.5 * r : 0))

function pillowSpot({ x0, y0, x1, y1 }: Bounds, head: Berth['head'], share: number, r: number, upper: boolean): Point {
  const lengthwise = head === 'front' || head === 'rear'
  const away = awayFromHead(deepOf({ x0, y0, x1, y1 }, head), r, upper)
  const across = (lengthwise ? y0 : x0) + share * (lengthwise ? y1 - y0 : x1 - x0)
  return {
    front: [x0 + away, across],
    rear: [x1 - away, across],
    'off-door': [across, y0 + away],
    door: [across, y1 - away],
  }[head] as Point
}
