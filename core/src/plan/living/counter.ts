import { flag } from '../../readings/reading'
import { convexParts, shared } from '../shape/convex'
import { ofGeometry } from '../geometry'
import type { Fixture, Plan } from '../plan'
import { area, bounds, corners, meets, type Bounds, type Shape } from '../shape/shape'

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
 * as counter. By their outlines: round a corner or across one there is no counter.
 */
export function counterSpace(plan: Plan, covers: 'on' | 'off'): CounterSpace[] {
  const letIn = plan.fixtures
    .filter(({ kind }) => kind === 'sink' || kind === 'cooktop')
    .filter((fixture) => !(covers === 'on' && hasCover(fixture)))
  return ofGeometry(plan, ['counter space', letIn.map(({ id }) => id)], () => spaces(plan, letIn))
}

function spaces({ fixtures }: Plan, letIn: readonly Fixture[]): CounterSpace[] {
  return fixtures
    .filter(({ kind }) => kind === 'counter' || kind === 'island')
    .map(({ id, shape }) => {
      const blocks = letIn.map((one) => one.shape).filter((block) => meets(bounds(block), bounds(shape)))
      const taken = blocks.reduce((sum, block) => sum + sharedArea(block, shape), 0)
      return { id, free: area(shape) - taken, rectangles: emptyRectangles(shape, blocks) }
    })
}

/** A slanted edge is followed in steps of this many inches, always on the counter. */
const STEP = 1

/**
 * Every maximal empty upright rectangle on a counter: between each two columns' edges the runs of rows that are free.
 * The edges are those of all corners, and along slanted edges every inch: exact where all is square, else an inch
 * less than there is at most. A few dozen lines, so trying all is quick.
 */
function emptyRectangles(counter: Shape, blocks: readonly Shape[]): { length: number; depth: number }[] {
  const frame = bounds(counter)
  const shapes = [counter, ...blocks]
  const [xs, ys] = [linesOf(shapes, 0, frame.x0, frame.x1), linesOf(shapes, 1, frame.y0, frame.y1)]
  const isFree = xs.slice(1).map((x1, i) =>
    ys.slice(1).map((y1, k) => {
      const cell: Shape = { rect: [xs[i]!, ys[k]!, x1 - xs[i]!, y1 - ys[k]!] }
      const own = area(cell)
      return own - sharedArea(cell, counter) < own * ROUND && blocks.every((one) => sharedArea(cell, one) < own * ROUND)
    }),
  )
  const found: Bounds[] = []
  for (let left = 0; left < isFree.length; left++) {
    const open = isFree[left]!.slice()
    for (let right = left; right < isFree.length; right++) {
      open.forEach((was, k) => (open[k] = was && isFree[right]![k]!))
      for (let top = 0; top < open.length; top++) {
        if (!open[top]) continue
        const first = top
        while (open[top + 1]) top++
        found.push({ x0: xs[left]!, x1: xs[right + 1]!, y0: ys[first]!, y1: ys[top + 1]! })
      }
    }
  }
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

/** A share of a cell that is rounding. */
const ROUND = 1e-6

function linesOf(shapes: readonly Shape[], axis: 0 | 1, low: number, high: number): number[] {
  const at = shapes.flatMap((shape) => {
    const points = corners(shape)
    const isSlanted = points.some(([x, y], i) => {
      const [nextX, nextY] = points[(i + 1) % points.length]!
      return x !== nextX && y !== nextY
    })
    const own = points.map((point) => point[axis])
    if (!isSlanted) return own
    const [from, to] = [Math.max(low, Math.min(...own)), Math.min(high, Math.max(...own))]
    return [...own, ...Array.from({ length: Math.max(0, Math.floor((to - from) / STEP)) }, (_, i) => from + i * STEP)]
  })
  return [...new Set([low, high, ...at])].filter((one) => one >= low && one <= high).sort((a, b) => a - b)
}

/** The ground two shapes share, square inches. */
function sharedArea(a: Shape, b: Shape): number {
  if ('rect' in a && 'rect' in b) return overlapArea(bounds(a), bounds(b))
  let sum = 0
  for (const one of convexParts(a))
    for (const other of convexParts(b)) {
      const both = shared(one, other)
      if (both.length > 2) sum += area({ polygon: both })
    }
  return sum
}

function hasCover({ readings }: Fixture): boolean {
  return flag(readings, 'cover') === true
}

function overlapArea(a: Bounds, b: Bounds): number {
  return (
    Math.max(0, Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) * Math.max(0, Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0))
  )
}
