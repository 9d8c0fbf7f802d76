/** x towards the rear, y towards the door side, inches. */
export type Point = [number, number]

/** A rectangle by its front off-door corner and its extent along x and y, or a polygon by its corners in order. */
export type Shape = { rect: [x: number, y: number, alongX: number, alongY: number] } | { polygon: Point[] }

/** The smallest upright rectangle around something: x from `x0` to `x1`, y from `y0` to `y1`. */
export interface Bounds {
  x0: number
  y0: number
  x1: number
  y1: number
}

export function corners(shape: Shape): Point[] {
  if ('polygon' in shape) return shape.polygon
  const [x, y, alongX, alongY] = shape.rect
  return [
    [x, y],
    [x + alongX, y],
    [x + alongX, y + alongY],
    [x, y + alongY],
  ]
}

/** Whether two upright boxes share ground, or come closer to each other than `apart` along both sides. */
export const meets = (a: Bounds, b: Bounds, apart = 0): boolean =>
  a.x0 < b.x1 + apart && b.x0 - apart < a.x1 && a.y0 < b.y1 + apart && b.y0 - apart < a.y1

export function bounds(shape: Shape): Bounds {
  if ('rect' in shape) {
    const [x, y, alongX, alongY] = shape.rect
    return { x0: x, y0: y, x1: x + alongX, y1: y + alongY }
  }
  const points = corners(shape)
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  return { x0: Math.min(...xs), y0: Math.min(...ys), x1: Math.max(...xs), y1: Math.max(...ys) }
}

/** The middle of the bounds. */
export function middleOf(shape: Shape): Point {
  const { x0, y0, x1, y1 } = bounds(shape)
  return [(x0 + x1) / 2, (y0 + y1) / 2]
}

export function moved(shape: Shape, dx: number, dy: number): Shape {
  if ('polygon' in shape) return { polygon: shape.polygon.map(([x, y]) => [x + dx, y + dy]) }
  const [x, y, alongX, alongY] = shape.rect
  return { rect: [x + dx, y + dy, alongX, alongY] }
}

/** Square inches, by the shoelace formula. */
export function area(shape: Shape): number {
  const points = corners(shape)
  const twice = points.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!
    return sum + x * nextY - nextX * y
  }, 0)
  return Math.abs(twice) / 2
}
