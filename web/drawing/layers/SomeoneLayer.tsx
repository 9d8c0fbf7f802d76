import { TOWARDS } from '@hitchet/core/plan/facing'
import { outlineOf, type Someone } from '@hitchet/core/plan/living/someone'
import { bounds, type Point } from '@hitchet/core/plan/shape/shape'
import { useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { Outline } from '../Outline'

/** With the arrow keys they go an inch; with Shift half a foot. */
const STEPS: Record<string, Point> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** Somebody set on the plan, to scale: green where they are free, red where they touch something. Moved by hand or by keys. */
export function SomeoneLayer({
  someone,
  touches,
  says,
  label,
  scale,
  onMove,
  onTurn,
}: {
  someone: Someone
  touches: boolean
  /** Beside them: how tall, and what they touch. */
  says: string
  label: string
  scale: number
  onMove(at: Point): void
  onTurn(): void
}) {
  const held = useRef<{ dx: number; dy: number } | undefined>(undefined)
  const [x, y] = someone.at
  const [dx, dy] = TOWARDS[someone.looks]
  const color = touches ? 'var(--h-colors-no)' : 'var(--h-colors-green)'
  const inPlan = (event: PointerEvent<SVGGElement>): Point => {
    const svg = event.currentTarget.ownerSVGElement!
    const { x: px, y: py } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse())
    return [px, py]
  }
  const grab = (event: PointerEvent<SVGGElement>) => {
    const [px, py] = inPlan(event)
    held.current = { dx: x - px, dy: y - py }
    event.currentTarget.setPointerCapture(event.pointerId)
  }
  const drag = (event: PointerEvent<SVGGElement>) => {
    if (!held.current) return
    const [px, py] = inPlan(event)
    onMove([Math.round(px + held.current.dx), Math.round(py + held.current.dy)])
  }
  const key = (event: KeyboardEvent) => {
    const step = STEPS[event.key]
    if (step) onMove([x + step[0] * (event.shiftKey ? 6 : 1), y + step[1] * (event.shiftKey ? 6 : 1)])
    else if (event.key === 'Enter' || event.key === ' ') onTurn()
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${label}. Arrow keys move, Enter turns.`}
      data-layer="somebody"
      className="somebody"
      style={{ cursor: 'grab', touchAction: 'none', outline: 'none' }}
      fill={color}
      fillOpacity="0.22"
      stroke={color}
      strokeWidth={2 / scale}
      onPointerDown={grab}
      onPointerMove={drag}
      onPointerUp={() => (held.current = undefined)}
      onKeyDown={key}
    >
      <Outline shape={outlineOf(someone)} />
      {someone.pose !== 'turning' && (
        <>
          <circle cx={x} cy={y} r={someone.pose === 'lying' ? 4.5 : 3.8} fillOpacity="0.5" />
          <path d={`M${x} ${y}l${dx * 8} ${dy * 8}`} />
        </>
      )}
      <text
        x={x}
        y={bounds(outlineOf(someone)).y0 - 7 / scale}
        textAnchor="middle"
        style={{ fontSize: `${12.5 / scale}px`, fontWeight: 700, paintOrder: 'stroke' }}
        fill={color}
        fillOpacity="1"
        stroke="var(--h-colors-bar)"
        strokeWidth={3.5 / scale}
        strokeLinejoin="round"
      >
        {says}
      </text>
    </g>
  )
}
