import { bounds, type Point, type Shape } from '../plan/shape/shape'

export const CORNERS = ['front off-door', 'rear off-door', 'rear door', 'front door'] as const
export type Corner = (typeof CORNERS)[number]

/**
 * A shape with one corner of its bounds cut off at so many inches along both sides: a corner shower, an angled
 * counter.
 */
export function cornerCut(shape: Shape, corner: Corner, inches: number): Shape {
  const { x0, y0, x1, y1 } = bounds(shape)
  const cut = Math.min(inches, x1 - x0 - 1, y1 - y0 - 1)
  if (cut <= 0) return straight(shape)
  const at: Record<Corner, Point[]> = {
    'front off-door': [
      [x0, y0 + cut],
      [x0 + cut, y0],
    ],
    'rear off-door': [
      [x1 - cut, y0],
      [x1, y0 + cut],
    ],
    'rear door': [
      [x1, y1 - cut],
      [x1 - cut, y1],
    ],
    'front door': [
      [x0 + cut, y1],
      [x0, y1 - cut],
    ],
  }
  const whole: Record<Corner, Point> = {
    'front off-door': [x0, y0],
    'rear off-door': [x1, y0],
    'rear door': [x1, y1],
    'front door': [x0, y1],
  }
  return { polygon: CORNERS.flatMap((one) => (one === corner ? at[one] : [whole[one]])) }
}

/** The shape as the rectangle around it. */
export function straight(shape: Shape): Shape {
  const { x0, y0, x1, y1 } = bounds(shape)
  return { rect: [x0, y0, x1 - x0, y1 - y0] }
}

/** Which corner of a shape is cut, and by how much; undefined where none is, or more than one. */
export function cutOf(shape: Shape): { corner: Corner; inches: number } | undefined {
  if ('rect' in shape || shape.polygon.length !== 5) return undefined
  const { x0, y0, x1, y1 } = bounds(shape)
  const has = (x: number, y: number) => shape.polygon.some(([px, py]) => px === x && py === y)
  const missing = (
    [
      [x0, y0],
      [x1, y0],
      [x1, y1],
      [x0, y1],
    ] as const
  ).flatMap(([x, y], i) => (has(x, y) ? [] : [CORNERS[i]!]))
  if (missing.length !== 1) return undefined
  const alongTop = shape.polygon.filter(([, y]) => y === (missing[0]!.endsWith('off-door') ? y0 : y1)).map(([x]) => x)
  return { corner: missing[0]!, inches: x1 - x0 - (Math.max(...alongTop) - Math.min(...alongTop)) }
}
