import { wallShape } from '@hitchet/core/plan/overlap'
import type { CanvasEnd, Door, Plan, Slide, Window } from '@hitchet/core/plan/plan'
import { bay, type TimeOfDay } from '@hitchet/core/plan/times'
import { DOOR_KINDS } from '@hitchet/core/readings/catalogue'
import { Outline } from './Outline'

const INK = 'var(--h-colors-ink)'
const FLOOR = 'var(--h-colors-floor)'

/** The box from above: tongue and coupler, outer walls with the front corners rounded, bumper. */
export function Box({ plan: { box } }: { plan: Plan }) {
  const { length, width, wall, tongue, bumper } = box
  const middle = width / 2
  const frame = Math.min(middle - 4, 34)
  return (
    <g>
      <path
        d={`M0 ${middle - frame}L${-tongue + 3} ${middle}L0 ${middle + frame}M${-tongue + 3} ${middle}H0`}
        fill="none"
        stroke={INK}
        strokeWidth="2"
      />
      <circle cx={-tongue + 3} cy={middle} r="3.2" fill="var(--h-colors-paper)" stroke={INK} strokeWidth="1.8" />
      {bumper > 0 && (
        <path d={`M${length} 12h${bumper}V${width - 12}h${-bumper}`} fill="none" stroke={INK} strokeWidth="1.4" />
      )}
      <path d={rounded(0, 0, length, width, 9, 4)} fill={INK} />
      <path d={rounded(wall, wall, length - wall, width - wall, 7, 2)} fill={FLOOR} />
    </g>
  )
}

/** A slide's bay: three walls, and its floor through the wall it leaves. Drawn where it is when out. */
export function SlideBay({ plan, slide }: { plan: Plan; slide: Slide }) {
  const { x0, y0, x1, y1 } = bay(plan, slide)
  const { wall } = plan.box
  const through = { 'off-door': [0, 0, 0, 0.4], door: [0, 0.4, 0, 0], front: [0, 0, 0.4, 0], rear: [0.4, 0, 0, 0] }[
    slide.wall
  ] as [number, number, number, number]
  const [left, up, right, down] = through
  const open = {
    left: left && wall + left,
    up: up && wall + up,
    right: right && wall + right,
    down: down && wall + down,
  }
  const sides = {
    left: slide.wall === 'rear' ? 0 : wall,
    right: slide.wall === 'front' ? 0 : wall,
    up: slide.wall === 'door' ? 0 : wall,
    down: slide.wall === 'off-door' ? 0 : wall,
  }
  return (
    <g>
      <rect
        x={x0 - sides.left}
        y={y0 - sides.up}
        width={x1 - x0 + sides.left + sides.right}
        height={y1 - y0 + sides.up + sides.down}
        rx="1"
        fill={INK}
      />
      <rect
        x={x0 - open.left}
        y={y0 - open.up}
        width={x1 - x0 + open.left + open.right}
        height={y1 - y0 + open.up + open.down}
        fill={FLOOR}
      />
    </g>
  )
}

/** Where the box's wall was before the slide moved out of it. */
export function SlideThreshold({ plan, slide }: { plan: Plan; slide: Slide }) {
  const { x0, y0, x1, y1 } = bay(plan, slide)
  const line = {
    'off-door': [x0, y1, x1, y1],
    door: [x0, y0, x1, y0],
    front: [x1, y0, x1, y1],
    rear: [x0, y0, x0, y1],
  }[slide.wall] as [number, number, number, number]
  return (
    <line x1={line[0]} y1={line[1]} x2={line[2]} y2={line[3]} stroke="var(--h-colors-line)" strokeDasharray="4 4" />
  )
}

/** A bed platform under canvas: cloth, not wall. */
export function CanvasBay({ plan, end }: { plan: Plan; end: CanvasEnd }) {
  const { x0, y0, x1, y1 } = bay(plan, end)
  return (
    <rect
      x={x0}
      y={y0}
      width={x1 - x0}
      height={y1 - y0}
      rx="5"
      fill={FLOOR}
      stroke={INK}
      strokeWidth="1.6"
      strokeDasharray="5 2.5"
    />
  )
}

export function InsideWalls({ plan }: { plan: Plan }) {
  return (
    <g fill={INK} stroke="none">
      {plan.walls.map((wall) => (
        <Outline key={wall.id} shape={wallShape(wall)} round={0} />
      ))}
    </g>
  )
}

/** A window lets light through the wall; one to get out by has a notch that points outward. */
export function WindowMark({ plan, window: { kind, from, to } }: { plan: Plan; window: Window }) {
  const { wall, width, length } = plan.box
  const along = from[1] === to[1]
  const outward = along ? (from[1] > width / 2 ? 1 : -1) : from[0] > length / 2 ? 1 : -1
  const [x, y] = [Math.min(from[0], to[0]), Math.min(from[1], to[1])]
  const [w, h] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])]
  const pane = along
    ? { x, y: outward > 0 ? y - wall : y, width: w, height: wall }
    : { x: outward > 0 ? x - wall : x, y, width: wall, height: h }
  const [cx, cy] = [x + w / 2, y + h / 2]
  return (
    <g>
      <rect {...pane} fill="var(--h-colors-paper)" stroke={INK} />
      {kind === 'exit' && (
        <path
          d={along ? `M${cx - 4} ${cy}h8l-4 ${5 * outward}z` : `M${cx} ${cy - 4}v8l${5 * outward} -4z`}
          fill="var(--h-colors-green)"
          stroke="none"
        />
      )}
    </g>
  )
}

/** A door: leaves inside with the floor they sweep; entries with their steps, which are folded away on the road. */
export function DoorMark({ plan, door, time }: { plan: Plan; door: Door; time: TimeOfDay }) {
  const { from, to, kind } = door
  const { wall, width } = plan.box
  const outer = DOOR_KINDS[kind].outer
  const along = from[1] === to[1]
  const [x, y] = [Math.min(from[0], to[0]), Math.min(from[1], to[1])]
  const [w, h] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])]
  const gap =
    outer &&
    (along
      ? { x, y: y > width / 2 ? y - wall : y, width: w, height: wall }
      : { x: x > 20 ? x - wall : x, y, width: wall, height: h })
  return (
    <g fill="none" stroke="var(--h-colors-line)">
      {gap && <rect {...gap} fill={FLOOR} stroke="none" />}
      {kind === 'entry' && time !== 'road' && along && <Steps x={x} y={y} width={w} down={y > width / 2} />}
      {kind === 'curtain' && <path d={wavy(from, to)} />}
      {kind === 'pocket' && <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} strokeDasharray="4 3" />}
      {kind === 'sliding' && <Sliding door={door} />}
      {(kind === 'cargo' || kind === 'ramp') && (
        <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={INK} strokeWidth="1" strokeDasharray="6 2" />
      )}
      {kind === 'swing' && <Leaf door={door} />}
      {kind === 'entry' && <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke={INK} strokeWidth="1" />}
    </g>
  )
}

/** The leaf at right angles, and the quarter circle it sweeps. */
function Leaf({ door: { from, to, hinge = 'from', opens } }: { door: Door }) {
  const [pin, edge] = hinge === 'from' ? [from, to] : [to, from]
  const [dx, dy] = [edge[0] - pin[0], edge[1] - pin[1]]
  const long = Math.hypot(dx, dy)
  const way = { front: [-1, 0], rear: [1, 0], door: [0, 1], 'off-door': [0, -1] }[
    opens ?? (dy === 0 ? 'door' : 'rear')
  ]!
  const tip = [pin[0] + way[0]! * long, pin[1] + way[1]! * long]
  const sweep = dx * way[1]! - dy * way[0]! > 0 ? 1 : 0
  return (
    <>
      <line x1={pin[0]} y1={pin[1]} x2={tip[0]} y2={tip[1]} stroke={INK} strokeWidth="1" />
      <path
        d={`M${edge[0]} ${edge[1]}A${long} ${long} 0 0 ${sweep} ${tip[0]} ${tip[1]}`}
        strokeDasharray="2 2.5"
        strokeOpacity="0.8"
      />
    </>
  )
}

function Sliding({ door: { from, to } }: { door: Door }) {
  const along = from[1] === to[1]
  const [ox, oy] = along ? [0, 1] : [1, 0]
  const half = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  return (
    <path
      d={`M${from[0] - ox} ${from[1] - oy}L${half[0]! - ox} ${half[1]! - oy}M${half[0]! + ox} ${half[1]! + oy}L${to[0] + ox} ${to[1] + oy}`}
      stroke={INK}
    />
  )
}

function Steps({ x, y, width, down }: { x: number; y: number; width: number; down: boolean }) {
  const way = down ? 1 : -1
  return <path d={`M${x + 3} ${y}v${way * 14}h${width - 6}v${way * -14}M${x + 3} ${y + way * 7}h${width - 6}`} />
}

function wavy([x0, y0]: [number, number], [x1, y1]: [number, number]): string {
  const waves = Math.max(2, Math.round(Math.hypot(x1 - x0, y1 - y0) / 6))
  const [dx, dy] = [(x1 - x0) / waves, (y1 - y0) / waves]
  const [nx, ny] = [-dy * 0.35, dx * 0.35]
  const each = Array.from(
    { length: waves },
    (_, i) => `q${dx / 2 + (i % 2 ? -nx : nx)} ${dy / 2 + (i % 2 ? -ny : ny)} ${dx} ${dy}`,
  )
  return `M${x0} ${y0}${each.join('')}`
}

/** A rectangle whose left corners are rounder than its right ones. */
function rounded(x0: number, y0: number, x1: number, y1: number, front: number, rear: number): string {
  return [
    `M${x0 + front} ${y0}H${x1 - rear}Q${x1} ${y0} ${x1} ${y0 + rear}V${y1 - rear}`,
    `Q${x1} ${y1} ${x1 - rear} ${y1}H${x0 + front}Q${x0} ${y1} ${x0} ${y1 - front}`,
    `V${y0 + front}Q${x0} ${y0} ${x0 + front} ${y0}Z`,
  ].join('')
}
