import { flag } from '../readings/reading'
import { facesOf } from './facing'
import type { Fixture, Plan } from './plan'
import { area, bounds, meets, type Bounds } from './shape'
import { LOUNGE_KINDS, TABLE_KINDS } from './seats'
import { bodiesAt, type TimeOfDay } from './times'

/** Free work surface of one counter or island: the largest empty rectangles, and all that is free. Inches. */
export interface CounterSpace {
  id: string
  /** Square inches free. */
  free: number
  /** Empty rectangles that no larger one contains, longer side first. */
  rectangles: { length: number; depth: number }[]
}

/**
 * Counters and islands with what is let into them taken off; with covers on, covered sinks and cooktops count
 * as counter.
 */
export function counterSpace({ fixtures }: Plan, covers: 'on' | 'off'): CounterSpace[] {
  const letIn = fixtures
    .filter(({ kind }) => kind === 'sink' || kind === 'cooktop')
    .filter((fixture) => !(covers === 'on' && hasCover(fixture)))
  return fixtures
    .filter(({ kind }) => kind === 'counter' || kind === 'island')
    .map((counter) => {
      const frame = bounds(counter.shape)
      const blocks = letIn.map(({ shape }) => bounds(shape)).filter((block) => meets(block, frame))
      const taken = blocks.reduce((sum, block) => sum + overlapArea(block, frame), 0)
      return { id: counter.id, free: area(counter.shape) - taken, rectangles: emptyRectangles(frame, blocks) }
    })
}

/**
 * Every maximal empty rectangle between a few blocks: all pairs of block edges as left and right, and
 * between them the gaps that remain. Four or five fixtures at most, so trying all is exact and quick.
 */
function emptyRectangles(frame: Bounds, blocks: Bounds[]): { length: number; depth: number }[] {
  const xs = [...new Set([frame.x0, frame.x1, ...blocks.flatMap(({ x0, x1 }) => [x0, x1])])]
    .filter((x) => x >= frame.x0 && x <= frame.x1)
    .sort((a, b) => a - b)
  const found = xs.flatMap((x0, i) =>
    xs.slice(i + 1).flatMap((x1) => {
      const between = blocks.filter((block) => block.x0 < x1 && block.x1 > x0).sort((a, b) => a.y0 - b.y0)
      const gaps: [number, number][] = []
      let y = frame.y0
      for (const block of between) {
        if (block.y0 > y) gaps.push([y, block.y0])
        y = Math.max(y, block.y1)
      }
      if (frame.y1 > y) gaps.push([y, frame.y1])
      return gaps.map(([y0, y1]) => ({ x0, x1, y0, y1 }))
    }),
  )
  return found
    .filter(
      (one) =>
        !found.some(
          (other) =>
            other !== one && other.x0 <= one.x0 && other.x1 >= one.x1 && other.y0 <= one.y0 && other.y1 >= one.y1,
        ),
    )
    .map(({ x0, x1, y0, y1 }) => ({ length: Math.max(x1 - x0, y1 - y0), depth: Math.min(x1 - x0, y1 - y0) }))
}

function hasCover({ readings }: Fixture): boolean {
  return flag(readings, 'cover') === true
}

function overlapArea(a: Bounds, b: Bounds): number {
  return (
    Math.max(0, Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) * Math.max(0, Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0))
  )
}

/** What is sat on or at; another counter or the refrigerator round the corner belongs to the kitchen. */
const SAT_AT = new Set<string>([...LOUNGE_KINDS, ...TABLE_KINDS])
/** In front of a counter one stands this deep, inches (common practice). */
const STAND = 20

/**
 * What stands right in front of a counter or an island, so that one cannot work at all of it: by id, and how
 * many inches of its front it takes.
 */
export function beforeCounter(
  plan: Plan,
  time: TimeOfDay = 'parked',
): { counter: string; by: string; takes: number }[] {
  const bodies = bodiesAt(plan, time)
  return bodies
    .filter(({ fixture }) => fixture?.kind === 'counter')
    .flatMap(({ id, shape, fixture }) => {
      const { x0, y0, x1, y1 } = bounds(shape)
      const faces = facesOf(plan, fixture!, bounds(shape))
      const front: Bounds = {
        door: { x0, x1, y0: y1, y1: y1 + STAND },
        'off-door': { x0, x1, y0: y0 - STAND, y1: y0 },
        front: { x0: x0 - STAND, x1: x0, y0, y1 },
        rear: { x0: x1, x1: x1 + STAND, y0, y1 },
      }[faces]
      return bodies
        .filter((body) => body.fixture && SAT_AT.has(body.fixture.kind))
        .flatMap((body) => {
          const box = bounds(body.shape)
          const takes =
            faces === 'door' || faces === 'off-door'
              ? Math.min(box.x1, front.x1) - Math.max(box.x0, front.x0)
              : Math.min(box.y1, front.y1) - Math.max(box.y0, front.y0)
          return meets(box, front) && takes > 1 ? [{ counter: id, by: body.id, takes }] : []
        })
    })
}
