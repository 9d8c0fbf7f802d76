import { FIXTURE_KINDS } from '../../readings/catalogue'
import { TOWARDS } from '../facing'
import { overlapDepth, wallShape } from '../overlap'
import type { Plan, Side } from '../plan'
import { LOUNGE_KINDS, TABLE_KINDS } from './seats'
import type { Point, Shape } from '../shape/shape'
import { shellAt } from '../shell'
import { takenInside } from '../takenInside'
import { bodiesAt, TAPE, type Body, type TimeOfDay } from '../times'

/** What somebody who is set on a plan does there. */
export const POSES = ['standing', 'sitting', 'lying', 'turning'] as const
export type Pose = (typeof POSES)[number]

/** Somebody set on a plan, to scale. Inches. */
export interface Someone {
  pose: Pose
  /** The middle of the outline. */
  at: Point
  looks: Side
  height: number
}

/**
 * A grown person from above, inches: across the shoulders and front to back, standing; hips and from back to knees,
 * sitting; shoulders, lying (ANSUR II, 2012, about the 75th centile of both sexes, rounded, from memory). A wheelchair
 * turns in a circle of 60 (2010 ADA Standards 304.3.1, from memory).
 */
const SIZES = { standing: [19, 11], sitting: [17, 25], lying: 20, turning: 60 } as const
const CORNERS = 24

/** Height above the floor from and to: what is higher or lower is not touched. */
const bandOf = ({ pose, height }: Someone): readonly [number, number] =>
  pose === 'standing' ? [2, height] : pose === 'sitting' ? [16, 48] : pose === 'lying' ? [22, 40] : [2, 48]

/** The outline from above. */
export function outlineOf({ pose, at: [x, y], looks, height }: Someone): Shape {
  const [dx] = TOWARDS[looks]
  const box = (wide: number, deep: number): Shape => {
    const [alongX, alongY] = dx ? [deep, wide] : [wide, deep]
    return { rect: [x - alongX / 2, y - alongY / 2, alongX, alongY] }
  }
  const round = (wide: number, deep: number): Shape => {
    const [alongX, alongY] = dx ? [deep, wide] : [wide, deep]
    return {
      polygon: Array.from({ length: CORNERS }, (_, i): Point => {
        const turn = (2 * Math.PI * i) / CORNERS
        return [x + (alongX / 2) * Math.cos(turn), y + (alongY / 2) * Math.sin(turn)]
      }),
    }
  }
  if (pose === 'standing') return round(...SIZES.standing)
  if (pose === 'sitting') return box(...SIZES.sitting)
  return pose === 'lying' ? box(SIZES.lying, height) : round(SIZES.turning, SIZES.turning)
}

/** What somebody touches there, by id; a wall by its side. What one sits or lies on is not in the way. */
export function touchedBy(plan: Plan, time: TimeOfDay, made: readonly string[], someone: Someone): string[] {
  const outline = outlineOf(someone)
  const [low, high] = bandOf(someone)
  const things: { id: string; shape: Shape }[] = [
    ...bodiesAt(plan, time, made).filter(
      (body) => body.band[0] < high && body.band[1] > low && !isUnder(someone.pose, body),
    ),
    ...takenInside(plan, time).filter(({ band }) => band[0] < high && band[1] > low),
    ...plan.walls.map((wall) => ({ id: wall.id, shape: wallShape(wall) })),
    ...shellAt(plan, time),
  ]
  return [...new Set(things.filter(({ shape }) => overlapDepth(shape, outline) > TAPE).map(({ id }) => id))]
}

/** A seat, a table one's knees are under, a bed, a sink in its counter. */
function isUnder(pose: Pose, { fixture, berth }: Body): boolean {
  if (fixture && 'on' in FIXTURE_KINDS[fixture.kind]) return true
  if (pose === 'standing' || pose === 'turning') return false
  if (berth) return true
  const { kind } = fixture!
  if (LOUNGE_KINDS.includes(kind) || kind === 'booth' || kind === 'u-dinette') return true
  return (
    pose === 'sitting' && (kind === 'toilet' || (TABLE_KINDS as readonly string[]).includes(kind) || kind === 'desk')
  )
}
