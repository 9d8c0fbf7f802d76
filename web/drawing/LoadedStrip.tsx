import type { LoadingFacts } from '@hitchet/core/loading/facts'
import type { Moment } from '@hitchet/core/loading/moments'
import type { Weight } from '@hitchet/core/loading/weights'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import { SIGN } from './FittedText'

/** Pixels: the box, the room for bars over its floor, and what lies under it. */
const BOX = 96
const TALLEST = 84
const UNDER = 64
/** A bar is so wide, and bars nearer to each other than this stand on each other, inches. */
const BAR = 13
/** Of a label, pixels. */
const SIZE = 10.5
/** A label takes no more than this beside its bar, inches. */
const LABEL = 90
/** So many pounds are as tall as the tallest bar, or as many as stand in one place. */
const LEAST_SCALE = 120

interface LoadedStripProps {
  facts: LoadingFacts
  moment: Moment
  /** Pixels per inch. */
  scale: number
  /** What it shows, for those who do not see it. */
  text: string
  system: MeasureSystem
}

/** Room behind the bumper for a rack and the words beside it, inches. */
const RACK = 70

/**
 * The trailer from the side, hitch at the left, with what rides in it as bars at their places: as tall as they are heavy.
 * A weight of which nobody knows where it sits lies as a broken line over all of its places.
 */
export function LoadedStrip({ facts: { box, coupler, bumper, axle }, moment, scale, text, system }: LoadedStripProps) {
  const x = (inches: number) => (inches + coupler + 14) * scale
  const stacks = stacked(moment.weights.filter(({ unread }) => !unread))
  const most = Math.max(LEAST_SCALE, ...stacks.map(({ bars }) => sumOf(bars)))
  const tall = (weight: number) => (weight / most) * TALLEST
  const floor = BOX + 6
  const top = floor - BOX
  // A rack stands out behind the bumper.
  const behind = moment.weights.some(({ from }) => from > box) ? bumper + RACK : 0
  const words = (weight: number) => formatQuantity(pounds(Math.round(weight)), system)
  return (
    <svg
      role="img"
      aria-label={text}
      viewBox={`0 0 ${(box + coupler + 28 + behind) * scale} ${floor + UNDER}`}
      width={(box + coupler + 28 + behind) * scale}
      height={floor + UNDER}
      style={{ display: 'block' }}
    >
      <path
        d={`M${x(0)} ${top + 8}Q${x(0)} ${top} ${x(0) + 8} ${top}H${x(box) - 6}Q${x(box)} ${top} ${x(box)} ${top + 6}V${floor}H${x(0)}Z`}
        fill="var(--h-colors-floor)"
        stroke="var(--h-colors-line)"
        strokeWidth="1"
      />
      <line x1={x(-coupler)} x2={x(box + behind)} y1={floor} y2={floor} stroke="var(--h-colors-ink)" strokeWidth="4" />
      <circle
        cx={x(-coupler)}
        cy={floor}
        r="6"
        fill="var(--h-colors-paper)"
        stroke="var(--h-colors-ink)"
        strokeWidth="3"
      />
      {stacks.map(({ at, bars }) => {
        let y = floor - 2
        return bars.map((one) => {
          const height = Math.max(2, tall(one.pounds))
          y -= height
          const middle = floor - y - height / 2
          // What stands farther back and as high as the label ends it.
          const next = stacks.filter((other) => other.at > at && tall(sumOf(other.bars)) > middle - SIZE / 2)
          const room = at < 0 ? LABEL : (Math.min(at + LABEL, ...next.map((other) => other.at)) - at - BAR) * scale - 6
          const label =
            height > SIZE &&
            [`${one.name} ${words(one.pounds)}`, one.name].find((text) => text.length * SIGN * SIZE <= room)
          return (
            <g key={one.id}>
              <rect
                x={x(at) - (BAR * scale) / 2}
                y={y}
                width={BAR * scale}
                height={height}
                fill="var(--h-colors-cushion)"
                stroke="var(--h-colors-ink)"
                strokeWidth="1"
              />
              {label && (
                <text
                  // On the tongue there is room above it only.
                  x={at < 0 ? x(at) : x(at) + (BAR * scale) / 2 + 4}
                  y={at < 0 ? y - 8 : y + height / 2}
                  textAnchor={at < 0 ? 'middle' : 'start'}
                  className="figure"
                  dominantBaseline="central"
                  fill="var(--h-colors-ink)"
                  style={{ fontSize: '10.5px', paintOrder: 'stroke' }}
                  stroke="var(--h-colors-floor)"
                  strokeWidth="3"
                >
                  {label}
                </text>
              )}
            </g>
          )
        })
      })}
      {moment.weights
        .filter(({ unread }) => unread)
        .map((one, i) => (
          <g key={one.id}>
            <line
              x1={x(one.from)}
              x2={x(one.to)}
              y1={floor + 10 + 12 * i}
              y2={floor + 10 + 12 * i}
              stroke="var(--h-colors-measure)"
              strokeWidth="3"
              strokeDasharray="6 4"
            />
            <text
              x={x(one.to) + 6}
              y={floor + 10 + 12 * i}
              className="figure"
              dominantBaseline="central"
              fill="var(--h-colors-ink)"
              style={{ fontSize: '10.5px' }}
            >
              {one.name} {words(one.pounds)}
            </text>
          </g>
        ))}
      <Bears
        at={x(-coupler)}
        y={floor + 10}
        from={moment.tongue.least}
        to={moment.tongue.most}
        words={words}
        over="hitch"
      />
      {axle !== undefined && (
        <Bears
          at={x(axle)}
          y={floor + 10}
          from={moment.total - moment.tongue.most}
          to={moment.total - moment.tongue.least}
          words={words}
          over="axles"
        />
      )}
    </svg>
  )
}

/** Where it rests, and with how much. */
function Bears({
  at,
  y,
  from,
  to,
  words,
  over,
}: {
  at: number
  y: number
  from: number
  to: number
  words(weight: number): string
  over: string
}) {
  const figure = Math.round(from) === Math.round(to) ? words(from) : `${words(from)} to ${words(to)}`
  return (
    <g>
      <path d={`M${at} ${y}l-11 18h22z`} fill="var(--h-colors-ink)" />
      <text
        x={at < 60 ? Math.max(0, at - 12) : at}
        y={y + 34}
        textAnchor={at < 60 ? 'start' : 'middle'}
        className="figure"
        fill="var(--h-colors-ink)"
        style={{ fontSize: '14px', fontWeight: 600 }}
      >
        {figure} on the {over}
      </text>
    </g>
  )
}

const sumOf = (bars: readonly Weight[]): number => bars.reduce((sum, { pounds: weight }) => sum + weight, 0)

/** Bars that would stand in each other's way stand on each other, the heaviest below. */
function stacked(weights: readonly Weight[]): { at: number; bars: Weight[] }[] {
  const stacks: { at: number; bars: Weight[] }[] = []
  for (const one of [...weights].sort((a, b) => b.pounds - a.pounds)) {
    const near = stacks.find(({ at }) => Math.abs(at - one.from) < BAR)
    if (near) near.bars.push(one)
    else stacks.push({ at: one.from, bars: [one] })
  }
  return stacks
}
