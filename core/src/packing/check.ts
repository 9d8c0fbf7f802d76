import type { Hold, Packing, Piece, Placed } from './piece'

/**
 * What is wrong with a packing, in words; nothing when it holds. Written apart from the packer, on the plain
 * boxes: counts, turns, doors, walls, overlaps, what stands on what, and limits are each looked at anew.
 */
export function faultsOf(
  holds: readonly Hold[],
  pieces: readonly Piece[],
  { placed, left }: Pick<Packing, 'placed' | 'left'>,
): string[] {
  const holdOf = new Map(holds.map((hold) => [hold.id, hold]))
  const pieceOf = new Map(pieces.map((piece) => [piece.id, piece]))
  const faults: string[] = []
  for (const piece of pieces) {
    const [there, home] = [
      placed.filter((one) => one.piece === piece.id).length,
      left.find((one) => one.piece === piece.id)?.count ?? 0,
    ]
    if (there + home !== piece.count) faults.push(`${piece.id}: ${there} placed and ${home} left of ${piece.count}`)
  }
  for (const one of placed) {
    const [piece, hold] = [pieceOf.get(one.piece), holdOf.get(one.hold)]
    if (!piece || !hold) {
      faults.push(`${one.piece} in ${one.hold}: unknown`)
      continue
    }
    if (piece.only && !piece.only.includes(hold.id)) faults.push(`${piece.id} must not be in ${hold.id}`)
    if (!mayLieSo(piece, one)) faults.push(`${piece.id} is turned as it must not be`)
    if (!fitsADoor(piece, hold)) faults.push(`${piece.id} goes through no door of ${hold.id}`)
    if ([0, 1, 2].some((axis) => one.at[axis]! < 0 || one.at[axis]! + one.size[axis]! > hold.size[axis]! + HAIR))
      faults.push(`${piece.id} sticks out of ${hold.id}`)
  }
  for (const hold of holds) {
    const inside = placed.filter((one) => one.hold === hold.id)
    const weight = inside.reduce((sum, one) => sum + (pieceOf.get(one.piece)?.weight ?? 0), 0)
    if (hold.limit !== undefined && weight > hold.limit + HAIR)
      faults.push(`${hold.id} carries ${weight} of ${hold.limit} lb`)
    inside.forEach((one, i) => {
      for (const other of inside.slice(i + 1))
        if ([0, 1, 2].every((axis) => common(one, other, axis) > HAIR))
          faults.push(`${one.piece} and ${other.piece} overlap in ${hold.id}`)
      if (one.at[2] > HAIR) faults.push(...standing(one, inside, pieceOf))
    })
  }
  return faults
}

/** Less than a tape shows, inches. */
const HAIR = 1e-6

function standing(one: Placed, inside: readonly Placed[], pieceOf: ReadonlyMap<string, Piece>): string[] {
  const under = inside.filter(
    (other) =>
      Math.abs(other.at[2] + other.size[2] - one.at[2]) < HAIR &&
      common(one, other, 0) > HAIR &&
      common(one, other, 1) > HAIR,
  )
  const held = under.reduce((sum, other) => sum + common(one, other, 0) * common(one, other, 1), 0)
  return [
    ...(held < one.size[0] * one.size[1] - HAIR
      ? [`${one.piece} stands ${held === 0 ? 'in the air' : 'half in the air'}`]
      : []),
    ...(pieceOf.get(one.piece)?.stands === false ? [`${one.piece} must stand on the floor`] : []),
    ...under
      .filter((other) => pieceOf.get(other.piece)?.bears === false)
      .map((other) => `${one.piece} stands on ${other.piece}, which bears nothing`),
  ]
}

/** How far two boxes share an axis. */
function common(a: Placed, b: Placed, axis: number): number {
  return Math.min(a.at[axis]! + a.size[axis]!, b.at[axis]! + b.size[axis]!) - Math.max(a.at[axis]!, b.at[axis]!)
}

function mayLieSo({ size, turns, up }: Piece, { size: lies }: Placed): boolean {
  if (up && !up.some((side) => size[side] === lies[2])) return false
  const sorted = (sides: readonly number[]) => [...sides].sort((a, b) => a - b).join()
  if (turns === 'never') return size.join() === lies.join()
  if (turns === 'upright') return size[2] === lies[2] && sorted(size) === sorted(lies)
  return sorted(size) === sorted(lies)
}

function fitsADoor({ size, turns }: Piece, { openings }: Hold): boolean {
  if (openings.length === 0) return true
  const [l, w, h] = size
  const faces: [across: number, up: number][] =
    turns === 'any'
      ? [
          [l, w],
          [w, l],
          [l, h],
          [h, l],
          [w, h],
          [h, w],
        ]
      : turns === 'upright'
        ? [
            [l, h],
            [w, h],
          ]
        : []
  return openings.some(({ wall, width, height }) => {
    if (wall === 'top')
      return turns === 'any'
        ? faces.some(([a, b]) => a <= width && b <= height)
        : (l <= width && w <= height) || (turns === 'upright' && w <= width && l <= height)
    if (turns === 'never') return (wall === 'front' || wall === 'rear' ? w : l) <= width && h <= height
    return faces.some(([across, up]) => across <= width && up <= height)
  })
}
