import { DOOR_KINDS } from '../readings/catalogue'
import type { Plan } from './plan'
import type { Bounds, Point } from './shape/shape'
import { bay } from './times'

/** How far from an outer wall's faces an opening may be drawn, inches. */
const NEAR = 3

/** Outer doors and windows that are in no outer wall, of the box or of a slide that is out. */
export function openingsInNoWall(plan: Plan): { list: 'doors' | 'windows'; id: string }[] {
  const { length, width, wall } = plan.box
  const shells: Bounds[] = [
    { x0: 0, y0: 0, x1: length, y1: width },
    ...[...plan.slides, ...plan.canvasEnds].map((one) => bay(plan, one)),
  ]
  const inWall = ({ from, to }: { from: Point; to: Point }) => shells.some((shell) => alongside(shell, from, to, wall))
  return [
    ...plan.doors
      .filter((door) => DOOR_KINDS[door.kind].outer && !inWall(door))
      .map(({ id }) => ({ list: 'doors', id }) as const),
    ...plan.windows.filter((window) => !inWall(window)).map(({ id }) => ({ list: 'windows', id }) as const),
  ]
}

/** Both ends on one side of an outline, within the thickness of its wall. */
function alongside({ x0, y0, x1, y1 }: Bounds, from: Point, to: Point, wall: number): boolean {
  const near = (a: number, b: number) => Math.abs(a - b) <= wall + NEAR
  const within = (value: number, low: number, high: number) => value >= low - NEAR && value <= high + NEAR
  const ends = [from, to]
  return (
    [y0, y1].some((y) => ends.every((end) => near(end[1], y) && within(end[0], x0, x1))) ||
    [x0, x1].some((x) => ends.every((end) => near(end[0], x) && within(end[1], y0, y1)))
  )
}

/** Whether one can get in: a door in the outer wall that people use. */
export const hasEntry = ({ doors }: Plan): boolean => doors.some(({ kind }) => DOOR_KINDS[kind].outer)
