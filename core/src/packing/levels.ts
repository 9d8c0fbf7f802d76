import type { Hold, Size } from './piece'

/** A rectangle seen from above: front off-door corner, rear door-side corner. */
export interface Area {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
  /** Of which filling it is known that nothing goes there any more: what is left only gets less (`fill.ts`). */
  barrenIn: object | undefined
}

const area = (x0: number, y0: number, x1: number, y1: number): Area => ({ x0, y0, x1, y1, barrenIn: undefined })

/**
 * What can still be built on in a hold. Everything stands flat on the floor or on tops, never half in the
 * air, so nothing ever hangs over: a level is a height and the free areas on it, each open to the ceiling.
 * Areas are as large as can be and overlap:
 *
 *      +--------+------+
 *      |  box   |  A   |     left of it nothing; A and B share the corner at the lower right
 *      +--------+......|
 *      |  B            |
 *      +---------------+
 */
export interface Level {
  z: number
  areas: readonly Area[]
}

/** An empty hold: its floor. */
export const emptyLevels = ({ size: [length, width] }: Pick<Hold, 'size'>): Level[] => [
  { z: 0, areas: [area(0, 0, length, width)] },
]

/** The levels once a box stands there; `top`: whether one may build on it. */
export function levelsWith(
  levels: readonly Level[],
  [x, y, z]: Size,
  [dx, dy, dz]: Size,
  top: boolean,
  ceiling: number,
): Level[] {
  const box = area(x, y, x + dx, y + dy)
  const above = z + dz
  const isBuiltOn = top && above < ceiling
  const next: Level[] = []
  let isJoined = false
  for (const level of levels) {
    if (level.z === z) {
      const areas = without(level.areas, box)
      if (areas.length > 0) next.push({ z, areas })
    } else if (isBuiltOn && level.z === above) {
      isJoined = true
      next.push({ z: above, areas: joined(level.areas, box) })
    } else next.push(level)
  }
  if (isBuiltOn && !isJoined) next.push({ z: above, areas: [box] })
  return next
}

/** Areas with a box taken off: of each what is left on its four sides. */
function without(areas: readonly Area[], box: Area): Area[] {
  const left: Area[] = []
  const cut: Area[] = []
  for (const one of areas) {
    if (one.x0 >= box.x1 || one.x1 <= box.x0 || one.y0 >= box.y1 || one.y1 <= box.y0) {
      left.push(one)
      continue
    }
    if (one.x0 < box.x0) cut.push(area(one.x0, one.y0, box.x0, one.y1))
    if (one.x1 > box.x1) cut.push(area(box.x1, one.y0, one.x1, one.y1))
    if (one.y0 < box.y0) cut.push(area(one.x0, one.y0, one.x1, box.y0))
    if (one.y1 > box.y1) cut.push(area(one.x0, box.y1, one.x1, one.y1))
  }
  // Those that were not touched hold none of each other, and lie in nothing that is left of the others.
  const kept = left.length
  for (let i = 0; i < cut.length; i++) {
    const one = cut[i]!
    let isHeld = false
    for (let k = 0; k < kept && !isHeld; k++) isHeld = holds(left[k]!, one)
    for (let k = 0; k < cut.length && !isHeld; k++)
      isHeld = k !== i && holds(cut[k]!, one) && (k < i || !holds(one, cut[k]!))
    if (!isHeld) left.push(one)
  }
  return left
}

/**
 * Areas with one more top at the same height: all the largest areas of the whole, found by joining pairs
 * along both axes until nothing new comes of it (Quine's consensus method, 1955, on intervals).
 */
function joined(areas: readonly Area[], more: Area): Area[] {
  let all: Area[] = [...areas, more]
  for (let at = 0; at < all.length; at++) {
    for (let other = 0; other < at; other++) {
      for (const one of [alongX(all[at]!, all[other]!), alongY(all[at]!, all[other]!)]) {
        if (one && !all.some((known) => holds(known, one))) all.push(one)
      }
    }
  }
  all = largest(all)
  return all
}

function alongX(a: Area, b: Area): Area | undefined {
  const [y0, y1] = [Math.max(a.y0, b.y0), Math.min(a.y1, b.y1)]
  return y0 < y1 && Math.max(a.x0, b.x0) <= Math.min(a.x1, b.x1)
    ? area(Math.min(a.x0, b.x0), y0, Math.max(a.x1, b.x1), y1)
    : undefined
}

function alongY(a: Area, b: Area): Area | undefined {
  const [x0, x1] = [Math.max(a.x0, b.x0), Math.min(a.x1, b.x1)]
  return x0 < x1 && Math.max(a.y0, b.y0) <= Math.min(a.y1, b.y1)
    ? area(x0, Math.min(a.y0, b.y0), x1, Math.max(a.y1, b.y1))
    : undefined
}

/** Only areas that no other one holds. */
function largest(areas: readonly Area[]): Area[] {
  return areas.filter(
    (one, i) => !areas.some((other, k) => k !== i && holds(other, one) && (k < i || !holds(one, other))),
  )
}

const holds = (a: Area, b: Area): boolean => a.x0 <= b.x0 && a.y0 <= b.y0 && a.x1 >= b.x1 && a.y1 >= b.y1
