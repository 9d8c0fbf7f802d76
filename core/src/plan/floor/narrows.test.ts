import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { clearanceAt } from './clearance'
import type { Point, Shape } from '../shape/shape'
import { widestTo } from './floorSearch'

/*
 * A reference that shares no code with the program: the floor on a lattice of a quarter inch, at each point the
 * distance to every outline by its own formulas, then the points joined from wide to narrow (union-find) until both
 * ends are one. What it finds is a way that exists; the widest is at most a step of the lattice wider.
 */
const STEP = 0.25
/** Twice the way from a spot to the nearest lattice point that one can walk on, at the most. */
const COARSE = 2 * STEP * Math.SQRT1_2 + 0.02
const [LONG, WIDE] = [96, 44]
/** Both ends are open floor. */
const END = 26

type Outline = [number, number][]

function fromSegment([px, py]: Outline[number], [ax, ay]: Outline[number], [bx, by]: Outline[number]): number {
  const length = (bx - ax) ** 2 + (by - ay) ** 2
  const t = length === 0 ? 0 : Math.min(1, Math.max(0, ((px - ax) * (bx - ax) + (py - ay) * (by - ay)) / length))
  return Math.hypot(px - ax - t * (bx - ax), py - ay - t * (by - ay))
}

function windsAround([px, py]: Outline[number], outline: Outline): boolean {
  let angle = 0
  outline.forEach(([ax, ay], i) => {
    const [bx, by] = outline[(i + 1) % outline.length]!
    const turn = Math.atan2(by - py, bx - px) - Math.atan2(ay - py, ax - px)
    angle += turn > Math.PI ? turn - 2 * Math.PI : turn < -Math.PI ? turn + 2 * Math.PI : turn
  })
  return Math.abs(angle) > 1
}

function reference(outlines: Outline[]): number {
  const [columns, rows] = [LONG / STEP + 1, WIDE / STEP + 1]
  const free = new Float64Array(columns * rows)
  for (let r = 0; r < rows; r++)
    for (let c = 0; c < columns; c++) {
      const p: Outline[number] = [c * STEP, r * STEP]
      let least = Math.min(p[0], p[1], LONG - p[0], WIDE - p[1])
      for (const outline of outlines) {
        if (windsAround(p, outline)) least = 0
        else outline.forEach((a, i) => (least = Math.min(least, fromSegment(p, a, outline[(i + 1) % outline.length]!))))
      }
      free[r * columns + c] = least
    }
  const parent = Int32Array.from({ length: columns * rows + 2 }, (_, i) => i)
  const root = (i: number): number => {
    let at = i
    while (parent[at] !== at) at = parent[at] = parent[parent[at]!]!
    return at
  }
  const join = (a: number, b: number) => (parent[root(a)] = root(b))
  const [start, goal] = [columns * rows, columns * rows + 1]
  const open = new Uint8Array(columns * rows)
  for (const i of Array.from(free.keys()).sort((a, b) => free[b]! - free[a]!)) {
    if (free[i] === 0) return 0
    open[i] = 1
    const [c, r] = [i % columns, Math.floor(i / columns)]
    if (c * STEP <= END) join(i, start)
    if (c * STEP >= LONG - END) join(i, goal)
    for (let dr = -1; dr <= 1; dr++)
      for (let dc = -1; dc <= 1; dc++) {
        const [nc, nr] = [c + dc, r + dr]
        if (nc >= 0 && nr >= 0 && nc < columns && nr < rows && open[nr * columns + nc]) join(i, nr * columns + nc)
      }
    if (root(start) === root(goal)) return 2 * free[i]!
  }
  return 0
}

/** The program's answer: from the floor at the front to that at the rear of a box with these things in it. */
function told(shapes: Shape[]): number {
  const plan = emptyPlan({
    box: { length: LONG + 4, width: WIDE + 4, wall: 2, tongue: 40, bumper: 4 },
    doors: [],
    fixtures: shapes.map((shape, i) => ({ ...fixture('tall-cabinet', [0, 0, 1, 1]), id: `t${i}`, shape })),
  })
  const clearance = clearanceAt(plan, 'parked')
  const { x0, columns, wide } = clearance
  const within = (from: number, to: number) =>
    Array.from(wide.keys()).filter((cell) => {
      const x = x0 + (cell % columns) + 0.5 - 2
      return wide[cell]! > 0 && x >= from && x <= to
    })
  const goal = within(LONG - END, LONG)
  return widestTo(clearance, within(0, END), [{ cells: goal, needs: goal.map(() => 0) }])[0]?.width ?? 0
}

const quarter = (most: number) => fc.integer({ min: 0, max: most * 4 }).map((n) => n / 4)
/** Upright boxes, turned boxes and triangles between the two ends, at quarter inches. */
const outline = fc
  .record({
    x: quarter(30),
    y: quarter(WIDE),
    long: quarter(14),
    deep: quarter(20),
    turn: fc.constantFrom(0, 0, 0, 0.3, 0.7, 1.1),
    corners: fc.constantFrom(4, 4, 3),
  })
  .map(({ x, y, long, deep, turn, corners }): Outline => {
    const [cx, cy, a, b] = [33 + x, y, 2 + long / 2, 2 + deep / 2]
    const flat: Outline = corners === 4 ? [[-a, -b], [a, -b], [a, b], [-a, b]] : [[-a, -b], [a, -b], [0, b]] // prettier-ignore
    return flat.map(([u, v]) => [
      cx + u * Math.cos(turn) - v * Math.sin(turn),
      cy + u * Math.sin(turn) + v * Math.cos(turn),
    ])
  })

const shifted = (points: Outline): Shape => ({ polygon: points.map(([x, y]): Point => [x + 2, y + 2]) })

describe('the widest way between outlines at quarter inches and any angle', () => {
  it('is never told wider than it is, and never half an inch narrower', () =>
    fc.assert(
      fc.property(fc.array(outline, { minLength: 1, maxLength: 5 }), (outlines) => {
        const [is, says] = [reference(outlines), told(outlines.map(shifted))]
        // Where nobody passes a fraction of an inch is no matter.
        if (Math.max(is, says) < 6) return
        expect(says).toBeLessThanOrEqual(is + COARSE)
        // Wider than 40 in nobody asks for a fraction.
        expect(says).toBeGreaterThanOrEqual(Math.min(is, 40) - 0.5)
      }),
      { numRuns: 60 },
    ))

  it.each([14, 14.25, 14.5, 14.75, 15, 23.5, 24, 31.75, 32, 36])(
    'a gap of %s in between two boxes is told to the eighth, wherever it lies',
    (gap) => {
      for (const at of [2, 2.25, 2.5, 2.75, 3]) {
        const boxes: Outline[] = [
          [[40, 0], [52, 0], [52, at], [40, at]],
          [[40, at + gap], [52, at + gap], [52, WIDE], [40, WIDE]],
        ] // prettier-ignore
        expect(told(boxes.map(shifted))).toBe(gap)
      }
    },
  )

  it('as many things as no trailer has narrow it no more than the two it lies between, and no less after them', () => {
    const boxes: Outline[] = [
      [[40, 0], [52, 0], [52, 9], [40, 9]],
      [[40, 23.25], [52, 23.25], [52, WIDE], [40, WIDE]],
    ] // prettier-ignore
    const behind = Array.from({ length: 100 }, (_, i): Outline => boxes[i % 2]!)
    expect([told([...boxes, ...behind].map(shifted)), told(boxes.map(shifted))]).toEqual([14.25, 14.25])
  })

  it('a gap between two corners, aslant: the straight line from one to the other', () => {
    const boxes: Outline[] = [
      [[40, 0], [50, 0], [50, 12], [40, 12]],
      [[59, 24], [70, 24], [70, WIDE], [59, WIDE]],
    ] // prettier-ignore
    expect(Math.abs(told(boxes.map(shifted)) - Math.hypot(9, 12))).toBeLessThan(0.15)
  })
})
