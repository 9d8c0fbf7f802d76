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
  for (const area of areas) {
    if (area[0] >= box[2] || area[2] <= box[0] || area[1] >= box[3] || area[3] <= box[1]) {
      left.push(area)
      continue
    }
    if (area[0] < box[0]) cut.push([area[0], area[1], box[0], area[3]])
    if (area[2] > box[2]) cut.push([box[2], area[1], area[2], area[3]])
    if (area[1] < box[1]) cut.push([area[0], area[1], area[2], box[1]])
    if (area[3] > box[3]) cut.push([area[0], box[3], area[2], area[3]])
  }
  // Those that were not touched hold none of each other, and lie in nothing that is left of the others.
  const kept = left.length
  for (let i = 0; i < cut.length; i++) {
    const area = cut[i]!
    let isHeld = false
    for (let k = 0; k < kept && !isHeld; k++) isHeld = holds(left[k]!, area)
    for (let k = 0; k < cut.length && !isHeld; k++)
      isHeld = k !== i && holds(cut[k]!, area) && (k < i || !holds(area, cut[k]!))
    if (!isHeld) left.push(area)
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
