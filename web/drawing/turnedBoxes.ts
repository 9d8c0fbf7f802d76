import type { Size } from '@hitchet/core/packing/piece'

/** A box in space: its corner nearest the front, the off-door side and the floor, and its size; inches. */
export interface SpaceBox {
  at: Size
  size: Size
}

/** A face to draw, in the picture's plane: x to the right, y down. */
export interface Face {
  points: [number, number][]
  side: 'top' | 'x' | 'y'
}

/** How steeply one looks down, radians. */
const PITCH = 0.5

/**
 * Where a point of space comes to lie when the whole is turned by so many degrees about its upright axis
 * (parallel projection).
 */
export function projected([x, y, z]: Size, degrees: number): [number, number] {
  const turn = (degrees * Math.PI) / 180
  const [across, deep] = [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)]
  return [across, deep * Math.sin(PITCH) - z * Math.cos(PITCH)]
}

/** The top and the two sides that one sees of a box. */
export function facesOf({ at: [x, y, z], size: [dx, dy, dz] }: SpaceBox, degrees: number): Face[] {
  const turn = (degrees * Math.PI) / 180
  // Towards the viewer is deeper in the picture: the side whose outward direction points there.
  const sideX = Math.sin(turn) > 0 ? x + dx : x
  const sideY = Math.cos(turn) > 0 ? y + dy : y
  const flat = (points: Size[]) => points.map((point) => projected(point, degrees))
  return [
    {
      side: 'top',
      points: flat([
        [x, y, z + dz],
        [x + dx, y, z + dz],
        [x + dx, y + dy, z + dz],
        [x, y + dy, z + dz],
      ]),
    },
    {
      side: 'x',
      points: flat([
        [sideX, y, z],
        [sideX, y + dy, z],
        [sideX, y + dy, z + dz],
        [sideX, y, z + dz],
      ]),
    },
    {
      side: 'y',
      points: flat([
        [x, sideY, z],
        [x + dx, sideY, z],
        [x + dx, sideY, z + dz],
        [x, sideY, z + dz],
      ]),
    },
  ]
}

/**
 * Boxes in the order to draw them, the hindmost first, as indices: of two, the one that lies wholly beyond the
 * other along any axis is drawn before it.
 */
export function fromBehind(boxes: readonly SpaceBox[], degrees: number): number[] {
  const turn = (degrees * Math.PI) / 180
  const towards = [Math.sin(turn) > 0 ? 1 : -1, Math.cos(turn) > 0 ? 1 : -1, 1]
  const hides = (a: SpaceBox, b: SpaceBox) =>
    towards.some((sign, axis) =>
      sign > 0 ? b.at[axis]! + b.size[axis]! <= a.at[axis]! + 1e-6 : a.at[axis]! + a.size[axis]! <= b.at[axis]! + 1e-6,
    )
  const order: number[] = []
  const visit = (i: number, on: Set<number>): void => {
    if (order.includes(i) || on.has(i)) return
    on.add(i)
    // Whatever this one hides, and is not hidden by it too, comes first.
    boxes.forEach((other, k) => k !== i && hides(boxes[i]!, other) && !hides(other, boxes[i]!) && visit(k, on))
    order.push(i)
  }
  boxes.forEach((_, i) => visit(i, new Set()))
  return order
}
