import type { Point } from '@hitchet/core/plan/shape/shape'

/** A picture under the plan: where its left upper corner lies, and inches for each of its pixels. */
export interface Underlay {
  href: string
  pixels: [number, number]
  at: Point
  inchesPerPixel: number
}

/** The picture laid over the box from the front wall on, until it is scaled. */
export const laid = (href: string, pixels: [number, number], boxLength: number): Underlay => ({
  href,
  pixels,
  at: [0, 0],
  inchesPerPixel: boxLength / pixels[0],
})

/**
 * The picture scaled so that two points of it, pressed on the plan, lie as far apart as is known. The first stays
 * where it is. Unchanged when both were the same point.
 */
export function scaled(underlay: Underlay, [first, second]: [Point, Point], apart: number): Underlay {
  const drawn = Math.hypot(second[0] - first[0], second[1] - first[1])
  if (drawn === 0 || apart <= 0) return underlay
  const by = apart / drawn
  return {
    ...underlay,
    inchesPerPixel: underlay.inchesPerPixel * by,
    at: [first[0] - (first[0] - underlay.at[0]) * by, first[1] - (first[1] - underlay.at[1]) * by],
  }
}

export const slid = (underlay: Underlay, dx: number, dy: number): Underlay => ({
  ...underlay,
  at: [underlay.at[0] + dx, underlay.at[1] + dy],
})
