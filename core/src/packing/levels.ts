import type { Hold, Size } from './piece'

/** A rectangle seen from above: front off-door corner, rear door-side corner. */
export type Area = readonly [x0: number, y0: number, x1: number, y1: number]

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
  { z: 0, areas: [[0, 0, length, width]] },
]

/** The levels once a box stands there; `top`: whether one may build on it. */
export function levelsWith(
  levels: readonly Level[],
  [x, y, z]: Size,
  [dx, dy, dz]: Size,
  top: boolean,
  ceiling: number,
): Level[] {
  const box: Area = [x, y, x + dx, y + dy]
  const next = levels
    .map((level) => (level.z === z ? { z, areas: without(level.areas, box) } : level))
    .filter(({ areas }) => areas.length > 0)
  const above = z + dz
  if (!top || above >= ceiling) return next
  const same = next.findIndex((level) => level.z === above)
  if (same < 0) return [...next, { z: above, areas: [box] }]
  return next.map((level, i) => (i === same ? { z: above, areas: joined(level.areas, box) } : level))
}

/** Areas with a box taken off: of each what is left on its four sides. */
function without(areas: readonly Area[], [x0, y0, x1, y1]: Area): Area[] {
  const left: Area[] = []
  const cut: Area[] = []
  for (const area of areas) {
    const [ax0, ay0, ax1, ay1] = area
    if (ax0 >= x1 || ax1 <= x0 || ay0 >= y1 || ay1 <= y0) {
      left.push(area)
      continue
    }
    if (ax0 < x0) cut.push([ax0, ay0, x0, ay1])
    if (ax1 > x1) cut.push([x1, ay0, ax1, ay1])
    if (ay0 < y0) cut.push([ax0, ay0, ax1, y0])
    if (ay1 > y1) cut.push([ax0, y1, ax1, ay1])
  }
  return largest([...left, ...cut])
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
        if (one && !all.some((area) => holds(area, one))) all.push(one)
      }
    }
  }
  all = largest(all)
  return all
}

function alongX([ax0, ay0, ax1, ay1]: Area, [bx0, by0, bx1, by1]: Area): Area | undefined {
  const [y0, y1] = [Math.max(ay0, by0), Math.min(ay1, by1)]
  return y0 < y1 && Math.max(ax0, bx0) <= Math.min(ax1, bx1)
    ? [Math.min(ax0, bx0), y0, Math.max(ax1, bx1), y1]
    : undefined
}

function alongY([ax0, ay0, ax1, ay1]: Area, [bx0, by0, bx1, by1]: Area): Area | undefined {
  const [x0, x1] = [Math.max(ax0, bx0), Math.min(ax1, bx1)]
  return x0 < x1 && Math.max(ay0, by0) <= Math.min(ay1, by1)
    ? [x0, Math.min(ay0, by0), x1, Math.max(ay1, by1)]
    : undefined
}

/** Only areas that no other one holds. */
function largest(areas: readonly Area[]): Area[] {
  return areas.filter(
    (area, i) => !areas.some((other, k) => k !== i && holds(other, area) && (k < i || !holds(area, other))),
  )
}

const holds = (a: Area, b: Area): boolean => a[0] <= b[0] && a[1] <= b[1] && a[2] >= b[2] && a[3] >= b[3]
