import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Clearance } from '../plan/floor/clearance'
import { freeFloor } from '../plan/floor/freeFloor'
import { meets, type Bounds } from '../plan/shape/shape'
import { standOnFloor, type Footprint } from './floorPacking'

/** A floor of 2-foot tiles, free where the picture has a dot. */
const TILE = 12
function floorOf(...picture: string[]): { free: Bounds[]; isFree: (x: number, y: number) => boolean } {
  const [columns, rows] = [picture[0]!.length * TILE, picture.length * TILE]
  const isFree = (x: number, y: number) => picture[Math.floor(y / TILE)]?.[Math.floor(x / TILE)] === '.'
  const wide = new Int16Array(columns * rows)
  for (let cell = 0; cell < wide.length; cell++) wide[cell] = isFree(cell % columns, Math.floor(cell / columns)) ? 8 : 0
  const clearance: Clearance = { x0: 0, y0: 0, columns, rows, wide }
  return { free: freeFloor(clearance, { ways: [], half: 0, shapes: [] }), isFree }
}
const crate = (id: string, length: number, width: number): Footprint => ({ id, length, width })

describe('the largest free rectangles of a floor', () => {
  it('are those that cannot grow: an L has two, and they say all of where a thing can lie', () => {
    const { free } = floorOf('..##', '..##', '....')
    expect(free.map(({ x0, y0, x1, y1 }) => [x0, y0, x1, y1]).sort()).toEqual([
      [0, 0, 24, 36],
      [0, 24, 48, 36],
    ])
  })
  it('a walkway through the middle leaves the floor beside it, and a door keeps what it sweeps', () => {
    const wide = new Int16Array(100 * 60).fill(8)
    const free = freeFloor(
      { x0: 0, y0: 0, columns: 100, rows: 60, wide },
      {
        ways: [
          [
            [0, 30],
            [100, 30],
          ],
        ],
        half: 7,
        shapes: [{ rect: [0, 0, 40, 23] }],
      },
    )
    expect(free).toEqual([
      { x0: 40, y0: 0, x1: 100, y1: 23 },
      { x0: 0, y0: 37, x1: 100, y1: 60 },
    ])
  })
})

describe('what stands on one floor', () => {
  it('is placed together, not each by itself: where one crib stands two do not', () => {
    const { free } = floorOf('####', '#..#', '#..#', '#..#', '#..#')
    const crib = (id: string) => crate(id, 40, 24)
    expect(standOnFloor(free, [crib('a')]).left).toEqual([])
    expect(standOnFloor(free, [crib('a'), crib('b')]).left.map(({ id }) => id)).toEqual(['b'])
  })
  it('is turned where that helps, and moved for the other', () => {
    const { free } = floorOf('...', '..#', '..#')
    const { left } = standOnFloor(free, [crate('long', 36, 12), crate('square', 24, 24)])
    expect(left).toEqual([])
  })

  const picture = fc.array(
    fc.array(fc.constantFrom('.', '.', '.', '#'), { minLength: 4, maxLength: 4 }).map((row) => row.join('')),
    { minLength: 3, maxLength: 3 },
  )
  const things = fc.array(fc.tuple(fc.constantFrom(12, 24, 36), fc.constantFrom(12, 24)), {
    minLength: 1,
    maxLength: 4,
  })

  it('lies on free floor and over nothing else; as many stand as by trying every place on the tiles', () => {
    fc.assert(
      fc.property(picture, things, (rows, sizes) => {
        const { free, isFree } = floorOf(...rows)
        const all = sizes.map(([length, width], i) => crate(`t${i}`, Math.max(18, length), Math.max(12, width)))
        const { stood, left } = standOnFloor(free, all)
        expect(stood.length + left.length).toBe(all.length)
        for (const [i, { at }] of stood.entries()) {
          for (let x = at.x0; x < at.x1; x++) for (let y = at.y0; y < at.y1; y++) expect(isFree(x, y)).toBe(true)
          for (const other of stood.slice(i + 1)) expect(meets(at, other.at)).toBe(false)
        }
        // Whether all of them stand, by trying every place on a half-tile grid, with no code in common.
        expect(left.length === 0).toBe(allStand(isFree, rows[0]!.length * TILE, rows.length * TILE, all))
      }),
      { numRuns: 150, seed: 7 },
    )
  })

  it('one more never lets the others stand better, and twenty cribs stand on no floor of a trailer', () => {
    fc.assert(
      fc.property(picture, things, fc.constantFrom(18, 24, 36), (rows, sizes, more) => {
        const { free } = floorOf(...rows)
        const all = sizes.map(([length, width], i) => crate(`t${i}`, Math.max(18, length), width))
        const before = standOnFloor(free, all).left.length
        expect(standOnFloor(free, [...all, crate('more', more, 18)]).left.length).toBeGreaterThanOrEqual(before)
      }),
      { numRuns: 150, seed: 8 },
    )
    const long: Bounds[] = [{ x0: 0, y0: 0, x1: 300, y1: 40 }]
    const cribs = Array.from({ length: 20 }, (_, i) => crate(`c${i}`, 40, 28))
    expect(standOnFloor(long, cribs).stood).toHaveLength(10)
  })
})

/** Every thing at every multiple of six inches, either way: things and tiles here are multiples of it. */
function allStand(
  isFree: (x: number, y: number) => boolean,
  columns: number,
  rows: number,
  things: readonly Footprint[],
): boolean {
  const taken: Bounds[] = []
  const search = (n: number): boolean => {
    const thing = things[n]
    if (!thing) return true
    for (const [dx, dy] of [
      [thing.length, thing.width],
      [thing.width, thing.length],
    ] as const)
      for (let x0 = 0; x0 + dx <= columns; x0 += 6)
        for (let y0 = 0; y0 + dy <= rows; y0 += 6) {
          const at = { x0, y0, x1: x0 + dx, y1: y0 + dy }
          let free = taken.every((other) => !meets(at, other))
          for (let x = x0; free && x < at.x1; x += 6) for (let y = y0; free && y < at.y1; y += 6) free = isFree(x, y)
          if (!free) continue
          taken.push(at)
          if (search(n + 1)) return true
          taken.pop()
        }
    return false
  }
  return search(0)
}
