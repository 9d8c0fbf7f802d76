'use client'

import { Box } from '@chakra-ui/react'
import { useEffect, useRef, useState } from 'react'
import type { Item } from '@hitchet/core/editing/item'
import type { Guide } from '@hitchet/core/editing/snap'
import type { Plan } from '@hitchet/core/plan/plan'
import type { Bounds, Point } from '@hitchet/core/plan/shape/shape'
import type { TimeOfDay } from '@hitchet/core/plan/times'
import { Dimensions } from '../../../drawing/Dimensions'
import { frameFor, heightFor } from '../../../drawing/frame'
import { PlanStrip } from '../../../drawing/PlanStrip'
import { Ruler } from '../../../drawing/Ruler'
import { useMeasures } from '../../../look/measures'
import { Handles } from './Handles'
import type { Underlay } from './underlay'

interface CanvasProps {
  plan: Plan
  time: TimeOfDay
  made: string[]
  items: Item[]
  chosen: string[]
  guides: Guide[]
  underlay?: Underlay
  marks?: Point[]
  /** The next press on the plan says a point and takes nothing in hand. */
  pointing: boolean
  onPoint(point: Point): void
  onSlideUnderlay?(dx: number, dy: number): void
  onChoose(id: string | undefined, more: boolean): void
  onPut(item: Item, to: Bounds, how: { first: boolean; free: boolean }): void
  onEnd(): void
}

/** Pixels the drawing may take. */
const HEIGHT = 310
const MOST = 4

/** The drawing board: the plan large, the picture it is traced from, and what takes things in hand. */
export function Canvas({
  plan,
  time,
  made,
  items,
  chosen,
  guides,
  underlay,
  marks,
  pointing,
  onPoint,
  onSlideUnderlay,
  onChoose,
  onPut,
  onEnd,
}: CanvasProps) {
  const system = useMeasures()
  const board = useRef<HTMLDivElement>(null)
  const wide = useWidth(board)
  const frame = frameFor([plan])
  const { top, bottom } = heightFor(plan)
  const [width, height] = [frame.before + frame.after, bottom - top]
  const scale = Math.min(MOST, wide / width, HEIGHT / height)
  const grabbed = useRef<Point>(undefined)
  const pointOf = (event: React.PointerEvent | React.MouseEvent): Point => {
    const box = board.current!.querySelector('[data-board] svg:last-of-type')!.getBoundingClientRect()
    return [
      (event.clientX - box.left) / scale - plan.box.tongue - frame.before,
      (event.clientY - box.top) / scale + top,
    ]
  }
  return (
    <Box ref={board} w="100%" overflow="hidden">
      <Ruler frame={frame} scale={scale} system={system} />
      <div
        data-board
        style={{ cursor: pointing ? 'crosshair' : undefined }}
        onClick={(event) => {
          if (pointing) onPoint(pointOf(event))
          else if (!(event.target as Element).closest('[data-item],[data-grip]')) onChoose(undefined, false)
        }}
      >
        <PlanStrip
          plan={plan}
          time={time}
          made={made}
          frame={frame}
          scale={scale}
          detail="names"
          system={system}
          text="The plan on the drawing board"
          board
          over={
            <>
              {underlay && (
                <image
                  href={underlay.href}
                  x={underlay.at[0]}
                  y={underlay.at[1]}
                  width={underlay.pixels[0] * underlay.inchesPerPixel}
                  height={underlay.pixels[1] * underlay.inchesPerPixel}
                  opacity="0.45"
                  preserveAspectRatio="none"
                  pointerEvents="none"
                  data-underlay
                />
              )}
              <Dimensions plan={plan} scale={scale} system={system} slidesIn={time === 'road'} />
              {!pointing && !onSlideUnderlay && (
                <Handles
                  items={items}
                  chosen={chosen}
                  guides={guides}
                  scale={scale}
                  system={system}
                  onChoose={onChoose}
                  onPut={onPut}
                  onEnd={onEnd}
                />
              )}
              {(pointing || onSlideUnderlay) && (
                <rect
                  x={-999}
                  y={-999}
                  width="2999"
                  height="2999"
                  fill="transparent"
                  stroke="none"
                  style={{ cursor: pointing ? 'crosshair' : 'grab', touchAction: 'none' }}
                  onPointerDown={(event) =>
                    onSlideUnderlay &&
                    ((grabbed.current = pointOf(event)), event.currentTarget.setPointerCapture(event.pointerId))
                  }
                  onPointerMove={(event) => {
                    if (!grabbed.current || !onSlideUnderlay) return
                    const now = pointOf(event)
                    onSlideUnderlay(now[0] - grabbed.current[0], now[1] - grabbed.current[1])
                    grabbed.current = now
                  }}
                  onPointerUp={() => (grabbed.current = undefined)}
                />
              )}
              {marks?.map(([x, y], i) => (
                <path
                  key={i}
                  d={`M${x - 8 / scale} ${y}h${16 / scale}M${x} ${y - 8 / scale}v${16 / scale}`}
                  stroke="var(--h-colors-no)"
                  strokeWidth={2 / scale}
                  pointerEvents="none"
                />
              ))}
            </>
          }
        />
      </div>
    </Box>
  )
}

/** How wide an element is, as long as it is there. */
function useWidth(element: React.RefObject<HTMLElement | null>): number {
  const [width, setWidth] = useState(900)
  useEffect(() => {
    const watch = new ResizeObserver(([entry]) => setWidth(entry!.contentRect.width))
    watch.observe(element.current!)
    return () => watch.disconnect()
  }, [element])
  return width
}
