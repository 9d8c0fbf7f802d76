'use client'

import { useDrag } from '@use-gesture/react'
import { useRef } from 'react'
import { shift, type Item } from '@hitchet/core/editing/item'
import type { Guide } from '@hitchet/core/editing/snap'
import type { Bounds } from '@hitchet/core/plan/shape/shape'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { inches } from '@hitchet/core/quantity/quantity'

interface HandlesProps {
  items: Item[]
  chosen: string[]
  guides: Guide[]
  /** Pixels per inch on the screen. */
  scale: number
  system: MeasureSystem
  onChoose(id: string, more: boolean): void
  /** Bounds asked for; `first`: the change begins here. Free of snapping while Alt is held. */
  onPut(item: Item, to: Bounds, how: { first: boolean; free: boolean }): void
  onEnd(): void
}

/** A wall or a door is thin: its ground is made at least this wide for a finger, pixels. */
const FINGER = 14

/**
 * What lies over the plan to take things in hand: their ground to move them, eight corners and edges to stretch
 * what is chosen.
 */
export function Handles({ items, chosen, guides, scale, system, onChoose, onPut, onEnd }: HandlesProps) {
  const start = useRef<Bounds>(undefined)
  const bind = useDrag(
    ({ args: [item, grip], movement: [mx, my], first, last, tap, event, memo }) => {
      event.stopPropagation()
      const { shiftKey, altKey } = event as PointerEvent
      if (tap) return void onChoose((item as Item).id, shiftKey)
      if (first) {
        start.current = (item as Item).bounds
        if (!chosen.includes((item as Item).id)) onChoose((item as Item).id, shiftKey)
      }
      const from = start.current!
      const [dx, dy] = [mx / scale, my / scale]
      const to = grip ? stretched(from, grip as Grip, dx, dy) : shift(from, dx, dy)
      if (mx !== 0 || my !== 0) onPut(item as Item, to, { first: !memo, free: altKey })
      if (last) onEnd()
      return true
    },
    { filterTaps: true, pointer: { keys: false } },
  )
  const marked = items.filter(({ id }) => chosen.includes(id))
  const single = marked.length === 1 ? marked[0] : undefined
  return (
    <g stroke="none">
      {guides.map(({ axis, at }, i) => (
        <line
          key={i}
          x1={axis === 'x' ? at : -999}
          x2={axis === 'x' ? at : 999}
          y1={axis === 'y' ? at : -999}
          y2={axis === 'y' ? at : 999}
          stroke="var(--h-colors-green)"
          strokeWidth={1 / scale}
          strokeDasharray={`${4 / scale} ${4 / scale}`}
          pointerEvents="none"
        />
      ))}
      {[...items]
        .sort((a, b) => area(b) - area(a))
        .map((item) => {
          const box = thickened(item.bounds, FINGER / scale)
          const on = chosen.includes(item.id)
          return (
            <g
              key={`${item.list}-${item.id}`}
              {...bind(item, undefined)}
              role="button"
              tabIndex={0}
              data-item={item.id}
              aria-pressed={on}
              aria-label={`${item.name}, ${spoken(item.bounds, system)}`}
              style={{ cursor: 'move', touchAction: 'none', outline: on ? 'none' : undefined }}
              onFocus={(event) => !on && event.currentTarget.matches(':focus-visible') && onChoose(item.id, false)}
            >
              <rect
                x={box.x0}
                y={box.y0}
                width={box.x1 - box.x0}
                height={box.y1 - box.y0}
                fill={on ? 'var(--h-colors-green)' : 'transparent'}
                fillOpacity={on ? 0.12 : undefined}
                stroke={on ? 'var(--h-colors-green)' : 'none'}
                strokeWidth={2 / scale}
              />
            </g>
          )
        })}
      {single &&
        gripsOf(single).map(({ grip, at: [x, y] }) => (
          <rect
            key={grip}
            {...bind(single, grip)}
            x={x - 5 / scale}
            y={y - 5 / scale}
            width={10 / scale}
            height={10 / scale}
            fill="var(--h-colors-bar)"
            stroke="var(--h-colors-green)"
            strokeWidth={1.6 / scale}
            style={{ cursor: 'crosshair', touchAction: 'none' }}
            data-grip={grip}
          />
        ))}
    </g>
  )
}

const GRIPS = ['nw', 'n', 'ne', 'e', 'se', 's', 'sw', 'w'] as const
type Grip = (typeof GRIPS)[number]

/** Corners and edges; a wall, a door and a window are stretched at their ends only. */
function gripsOf({ bounds: { x0, x1, y0, y1 } }: Item): { grip: Grip; at: [number, number] }[] {
  const [mx, my] = [(x0 + x1) / 2, (y0 + y1) / 2]
  const at: Record<Grip, [number, number]> = {
    nw: [x0, y0],
    n: [mx, y0],
    ne: [x1, y0],
    e: [x1, my],
    se: [x1, y1],
    s: [mx, y1],
    sw: [x0, y1],
    w: [x0, my],
  }
  const thin = x1 - x0 < 1 ? ['n', 's'] : y1 - y0 < 1 ? ['w', 'e'] : GRIPS
  return GRIPS.filter((grip) => thin.includes(grip)).map((grip) => ({ grip, at: at[grip] }))
}

function stretched({ x0, x1, y0, y1 }: Bounds, grip: Grip, dx: number, dy: number): Bounds {
  const west = grip.includes('w') ? Math.min(x0 + dx, x1 - 1) : x0
  const east = grip.includes('e') ? Math.max(x1 + dx, x0 + 1) : x1
  const north = grip.startsWith('n') ? Math.min(y0 + dy, y1 - 1) : y0
  const south = grip.startsWith('s') ? Math.max(y1 + dy, y0 + 1) : y1
  return { x0: west, x1: east, y0: north, y1: south }
}

function thickened({ x0, x1, y0, y1 }: Bounds, least: number): Bounds {
  const [px, py] = [Math.max(0, least - (x1 - x0)) / 2, Math.max(0, least - (y1 - y0)) / 2]
  return { x0: x0 - px, x1: x1 + px, y0: y0 - py, y1: y1 + py }
}

const area = ({ bounds: { x0, x1, y0, y1 } }: Item): number => (x1 - x0) * (y1 - y0)

const spoken = ({ x0, x1, y0, y1 }: Bounds, system: MeasureSystem): string => {
  const say = (value: number) => formatQuantity(inches(Math.round(value * 10) / 10), system)
  return `${say(x1 - x0)} by ${say(y1 - y0)}, ${say(x0)} from the front, ${say(y0)} from the off-door side`
}
