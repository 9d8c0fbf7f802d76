import { corners, type Point, type Shape } from './shape'

/**
 * A shape cut into convex parts, each counterclockwise on paper with y up: ears are clipped off, then parts
 * are joined again where they stay convex. Source: textbook geometry (Meisters' two ears theorem, 1975;
 * joining after Hertel and Mehlhorn, 1983). A shape whose outline crosses itself comes back whole.
 */
export function convexParts(shape: Shape): Point[][] {
  const outline = turnedLeft(corners(shape))
  if ('rect' in shape || isConvex(outline)) return [outline]
  const triangles = ears(outline)
  return triangles ? joined(triangles) : [outline]
}

/**
 * What two convex outlines share, corner by corner; empty when they are apart. Source: Sutherland and Hodgman,
 * 1974.
 */
export function shared(a: readonly Point[], b: readonly Point[]): Point[] {
  return b.reduce<Point[]>(
    (left, from, i) => {
      const to = b[(i + 1) % b.length]!
      return left.flatMap((point, k) => {
        const next = left[(k + 1) % left.length]!
        const [here, there] = [turn(from, to, point), turn(from, to, next)]
        const crossing = here * there < 0 ? [between(point, next, here / (here - there))] : []
        return here >= 0 ? [point, ...crossing] : crossing
      })
    },
    [...a],
  )
}

/** Twice the area of the triangle: above 0 when one turns left on the way a, b, c, on paper with y up. */
export const turn = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)

/** Least turn that counts, square inches: below it three corners lie in line. */
const STRAIGHT = 1e-9

function turnedLeft(points: Point[]): Point[] {
  const twice = points.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!
    return sum + x * nextY - nextX * y
  }, 0)
  return twice < 0 ? [...points].reverse() : points
}

function isConvex(points: readonly Point[]): boolean {
  return points.every((point, i) => turn(points.at(i - 1)!, point, points[(i + 1) % points.length]!) >= -STRAIGHT)
}

function ears(outline: readonly Point[]): Point[][] | undefined {
  const rest = [...outline]
  const found: Point[][] = []
  while (rest.length > 3) {
    const at = rest.findIndex((_, i) => isEar(rest, i))
    if (at < 0) return undefined
    found.push([rest.at(at - 1)!, rest[at]!, rest[(at + 1) % rest.length]!])
    rest.splice(at, 1)
  }
  return [...found, rest]
}

/** A corner whose triangle holds no other corner, nor one on the cut from `c` back to `a`: that cut must lie inside. */
function isEar(points: readonly Point[], at: number): boolean {
  const [a, b, c] = [points.at(at - 1)!, points[at]!, points[(at + 1) % points.length]!]
  const size = turn(a, b, c)
  if (size < -STRAIGHT) return false
  // In line: nothing is cut off.
  if (size <= STRAIGHT) return true
  return !points.some(
    (point) =>
      !same(point, a) &&
      !same(point, b) &&
      !same(point, c) &&
      turn(a, b, point) > -STRAIGHT &&
      turn(b, c, point) > -STRAIGHT &&
      turn(c, a, point) > -STRAIGHT,
  )
}

function joined(parts: Point[][]): Point[][] {
  for (const [i, one] of parts.entries()) {
    for (const other of parts.slice(i + 1)) {
      const whole = joinedAtAnEdge(one, other)
      if (whole && isConvex(whole)) return joined([...parts.filter((part) => part !== one && part !== other), whole])
    }
  }
  return parts
}

/** Both outlines run the same way, so a common edge is walked in opposite directions. */
function joinedAtAnEdge(one: readonly Point[], other: readonly Point[]): Point[] | undefined {
  for (const [i, from] of one.entries()) {
    const to = one[(i + 1) % one.length]!
    const k = other.findIndex((point, j) => same(point, to) && same(other[(j + 1) % other.length]!, from))
    if (k < 0) continue
    const round = [...other.slice(k), ...other.slice(0, k)]
    return [...one.slice(0, i + 1), ...round.slice(2), ...one.slice(i + 1)]
  }
  return undefined
}

const same = (a: Point, b: Point): boolean => a[0] === b[0] && a[1] === b[1]

const between = ([ax, ay]: Point, [bx, by]: Point, share: number): Point => [
  ax + (bx - ax) * share,
  ay + (by - ay) * share,
]
