import { corners, type Point, type Shape } from './shape'

/** The point of a shape that lies nearest to another; the point itself when it is inside. */
export function nearestOn(shape: Shape, point: Point): Point {
  if ('rect' in shape) {
    const [x, y, alongX, alongY] = shape.rect
    return [Math.max(x, Math.min(x + alongX, point[0])), Math.max(y, Math.min(y + alongY, point[1]))]
  }
  if (holds(shape, point)) return point
  const outline = shape.polygon
  let [nearest, least] = [point, Infinity]
  for (let i = 0; i < outline.length; i++) {
    const on = nearestOnSegment(outline[i]!, outline[(i + 1) % outline.length]!, point)
    const far = (on[0] - point[0]) * (on[0] - point[0]) + (on[1] - point[1]) * (on[1] - point[1])
    if (far < least) [nearest, least] = [on, far]
  }
  return nearest
}

/** Inches from a point to a shape; 0 inside. */
export const distanceTo = (shape: Shape, point: Point): number =>
  'rect' in shape ? toBox(shape.rect, point) : apart(nearestOn(shape, point), point)

/** Asked a hundred thousand times a plan: without the nearest point itself. */
function toBox([left, top, alongX, alongY]: readonly [number, number, number, number], [x, y]: Point): number {
  const [right, bottom] = [left + alongX, top + alongY]
  const dx = x < left ? left - x : x > right ? x - right : 0
  const dy = y < top ? top - y : y > bottom ? y - bottom : 0
  return Math.sqrt(dx * dx + dy * dy)
}

/** Not Math.hypot, which guards against numbers no trailer has and takes ten times as long. */
export const apart = (a: Point, b: Point): number => Math.sqrt((b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2)

/** Whether a point lies in a shape, by the even-odd rule. */
export function holds(shape: Shape, [x, y]: Point): boolean {
  if ('rect' in shape)
    return (
      x >= shape.rect[0] &&
      y >= shape.rect[1] &&
      x <= shape.rect[0] + shape.rect[2] &&
      y <= shape.rect[1] + shape.rect[3]
    )
  const outline = corners(shape)
  let inside = false
  for (let i = 0, j = outline.length - 1; i < outline.length; j = i++) {
    const [[ax, ay], [bx, by]] = [outline[i]!, outline[j]!]
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside
  }
  return inside
}

export function nearestOnSegment([ax, ay]: Point, [bx, by]: Point, [x, y]: Point): Point {
  const dx = bx - ax
  const dy = by - ay
  const share = Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy || 1)))
  return [ax + dx * share, ay + dy * share]
}

/** How far from `from` a straight line enters a shape, as a share of the way to `to`; undefined when it misses. */
export function entersAt(shape: Shape, from: Point, to: Point): number | undefined {
  if ('rect' in shape) return entersBox(shape.rect, from, to)
  if (holds(shape, from)) return 0
  const outline = corners(shape)
  let first: number | undefined
  for (let i = 0; i < outline.length; i++) {
    const share = crossing(from, to, outline[i]!, outline[(i + 1) % outline.length]!)
    if (share !== undefined && (first === undefined || share < first)) first = share
  }
  return first
}

/**
 * For upright boxes: the part of the way between the box's two pairs of sides. Source: Liang and Barsky's line
 * clipping, 1984.
 */
function entersBox(
  [x, y, alongX, alongY]: [number, number, number, number],
  from: Point,
  to: Point,
): number | undefined {
  let [first, last] = [0, 1]
  for (let axis = 0; axis < 2; axis++) {
    const [low, high] = axis === 0 ? [x, x + alongX] : [y, y + alongY]
    const [start, step] = [from[axis]!, to[axis]! - from[axis]!]
    if (step === 0) {
      if (start < low || start > high) return undefined
      continue
    }
    const [a, b] = [(low - start) / step, (high - start) / step]
    first = Math.max(first, Math.min(a, b))
    last = Math.min(last, Math.max(a, b))
    if (first > last) return undefined
  }
  return first
}

/** Where two stretches cross, as a share of the first; undefined when they do not, or run side by side. */
export function crossing([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point, [dx, dy]: Point): number | undefined {
  const [rx, ry, sx, sy] = [bx - ax, by - ay, dx - cx, dy - cy]
  const across = rx * sy - ry * sx
  if (Math.abs(across) < 1e-12) return undefined
  const share = ((cx - ax) * sy - (cy - ay) * sx) / across
  const other = ((cx - ax) * ry - (cy - ay) * rx) / across
  return share >= 0 && share <= 1 && other >= 0 && other <= 1 ? share : undefined
}
