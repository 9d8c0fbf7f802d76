import type { Hold, Piece, Size } from '../packing/piece'

/** Kinds of boxes in the sets BR1 to BR7. */
export const BR_KINDS = [3, 5, 8, 10, 12, 15, 20] as const

/** A container as in those sets, centimeters. */
export const BR_CONTAINER: Hold = { id: 'container', size: [587, 233, 220], openings: [] }

/**
 * One cargo in the manner of Bischoff and Ratcliff ("Issues in the development of approaches to container
 * loading", Omega 23, 1995; parameters from memory): sides of 30 to 120, 25 to 100 and 20 to 80 cm; a side
 * may stand upright when it is less than twice the shortest of the other two; pieces are added, kind by kind
 * at random, while they do not exceed the container's volume.
 */
export function bischoffRatcliff(random: () => number, kinds: number): Piece[] {
  const whole = (least: number, most: number) => least + Math.floor(random() * (most - least + 1))
  const pieces = Array.from({ length: kinds }, (_, i): Piece => {
    const size: Size = [whole(30, 120), whole(25, 100), whole(20, 80)]
    const up = [0, 1, 2].filter((side) => size[side]! / Math.min(...size.filter((_side, other) => other !== side)) < 2)
    return {
      id: `kind-${i}`,
      count: 1,
      size,
      weight: 0,
      turns: 'any',
      up: up.length ? up : [2],
      bears: true,
      stands: true,
    }
  })
  const volume = ({ size: [l, w, h] }: Piece) => l * w * h
  const [length, width, height] = BR_CONTAINER.size
  let left = length * width * height - pieces.reduce((sum, one) => sum + volume(one), 0)
  for (;;) {
    const one = pieces[whole(0, kinds - 1)]!
    left -= volume(one)
    if (left < 0) return pieces
    one.count += 1
  }
}
