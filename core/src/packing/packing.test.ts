import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chance } from '../testing/assignments'
import { bischoffRatcliff, BR_CONTAINER } from '../testing/boxes'
import { faultsOf } from './check'
import { pack, QUICK } from './pack'
import { passes, turned, type Hold, type Piece, type Placed, type Size } from './piece'

const piece = (size: Size, given: Partial<Piece> = {}): Piece => ({
  id: 'box',
  count: 1,
  size,
  weight: 10,
  turns: 'any',
  bears: true,
  stands: true,
  ...given,
})
const hold = (size: Size, given: Partial<Hold> = {}): Hold => ({ id: 'bay', size, openings: [], ...given })
const all = (holds: Hold[], pieces: Piece[]) => {
  const packing = pack(holds, pieces)
  expect(faultsOf(holds, pieces, packing)).toEqual([])
  return packing
}
const count = (packing: { placed: Placed[] }) => packing.placed.length

describe('how a piece may lie and what it goes through', () => {
  it('a box has six ways, a cube one, a jug that must stay upright two', () => {
    expect(turned(piece([3, 2, 1]))).toHaveLength(6)
    expect(turned(piece([2, 2, 2]))).toEqual([[2, 2, 2]])
    expect(turned(piece([3, 2, 1], { turns: 'upright' }))).toEqual([
      [3, 2, 1],
      [2, 3, 1],
    ])
    expect(turned(piece([3, 2, 1], { turns: 'never' }))).toEqual([[3, 2, 1]])
    expect(turned(piece([3, 2, 1], { up: [0] })).every(([, , height]) => height === 3)).toBe(true)
  })

  it('a tote of 28 by 18 by 15 goes through a door of 24 by 20, end first; a bike of 60 by 9 by 36 does not', () => {
    const bay = { openings: [{ wall: 'door' as const, width: 24, height: 20 }] }
    expect(passes(piece([28, 18, 15]), bay)).toBe(true)
    expect(passes(piece([60, 9, 36]), bay)).toBe(false)
    expect(passes(piece([60, 9, 19]), bay)).toBe(true)
  })

  it('what must stay upright is not tipped to get it in', () => {
    const low = { openings: [{ wall: 'door' as const, width: 30, height: 12 }] }
    expect(passes(piece([10, 10, 20]), low)).toBe(true)
    expect(passes(piece([10, 10, 20], { turns: 'upright' }), low)).toBe(false)
  })
})

describe('putting things away', () => {
  it('nothing stays home that would still go in where one can put it: no area was given up too early', () => {
    const side = (least: number, most: number) => fc.integer({ min: least, max: most })
    const some = fc.record({
      size: fc.tuple(side(4, 20), side(4, 20), side(4, 14)),
      count: side(1, 4),
      turns: fc.constantFrom('any' as const, 'upright' as const, 'never' as const),
      bears: fc.boolean(),
      stands: fc.boolean(),
    })
    const load = fc.tuple(
      fc.tuple(side(18, 40), side(18, 50), side(12, 28)),
      fc.array(some, { minLength: 2, maxLength: 7 }),
    )
    let home = 0
    fc.assert(
      fc.property(load, ([size, kinds]) => {
        const bay = hold(size)
        const pieces = kinds.map(({ size: own, ...given }, i) => piece(own, { ...given, id: `p${i}` }))
        const { placed, left } = pack([bay], pieces, { aim: 'volume', looks: 4, starts: 2, most: 0 })
        // Whatever goes in at all also goes in pushed forward, to the off-door side and down, against a wall or a thing.
        const ends = (axis: number) => [...new Set([0, ...placed.map(({ at, size: own }) => at[axis]! + own[axis]!)])]
        for (const { piece: id, count: more } of left) {
          home += more
          const rest = left.flatMap((one) =>
            one.piece !== id ? [one] : one.count > 1 ? [{ ...one, count: one.count - 1 }] : [],
          )
          for (const turn of turned(pieces.find((one) => one.id === id)!))
            for (const x of ends(0))
              for (const y of ends(1))
                for (const z of ends(2)) {
                  const also: Placed = { piece: id, hold: bay.id, at: [x, y, z], size: turn }
                  if (faultsOf([bay], pieces, { placed: [...placed, also], left: rest }).length === 0) return false
                }
        }
        return true
      }),
      { numRuns: 60, seed: 11 },
    )
    expect(home).toBeGreaterThan(20)
  })

  it('eight cubes fill a cube', () =>
    expect(all([hold([20, 20, 20])], [piece([10, 10, 10], { count: 8 })])).toMatchObject({ left: [], proven: true }))

  it('five stackable totes are about two refrigerators of 10.7 cu ft (common practice), and go in a bay of that', () => {
    const totes = piece([28, 18, 15], { count: 5 })
    expect((5 * 28 * 18 * 15) / 1728).toBeCloseTo(2 * 10.7, 0)
    expect(all([hold([28, 94, 32])], [totes]).left).toEqual([])
  })

  it('weight stops what space would take', () => {
    const packing = all([hold([90, 26, 22], { limit: 100 })], [piece([10, 10, 10], { count: 6, weight: 30 })])
    expect(packing).toMatchObject({ left: [{ piece: 'box', count: 3 }], proven: true })
  })

  it('nothing stands on what is fragile, and what stacks on nothing stays on the floor', () => {
    const lamp = piece([10, 10, 10], { id: 'lamp', bears: false })
    expect(count(all([hold([10, 10, 20])], [lamp, piece([10, 10, 10])]))).toBe(2)
    expect(all([hold([10, 10, 20])], [lamp, piece([10, 10, 10], { stands: false, bears: false })])).toMatchObject({
      left: [{ count: 1 }],
      proven: true,
    })
  })

  it('two of the same height carry one that lies across both', () =>
    expect(
      all(
        [hold([20, 10, 15])],
        [piece([10, 10, 10], { count: 2, turns: 'never' }), piece([20, 10, 5], { id: 'board', turns: 'never' })],
      ).left,
    ).toEqual([]))

  it('fuel goes only where it may', () => {
    const inside = hold([40, 40, 40], { id: 'inside' })
    expect(all([inside, hold([5, 5, 5])], [piece([10, 10, 10], { only: ['bay'] })]).left).toEqual([
      { piece: 'box', count: 1 },
    ])
  })

  it('a long thing that only goes in turned is turned', () =>
    expect(all([hold([90, 26, 22])], [piece([20, 80, 10], { turns: 'upright' })]).placed[0]!.size).toEqual([
      80, 20, 10,
    ]))

  it('what the quick way leaves out, the thorough way may get in, and says when it was every way', () => {
    const pieces = [
      piece([6, 4, 4], { id: 'a', count: 2, turns: 'upright' }),
      piece([4, 6, 4], { id: 'b', count: 2, turns: 'never' }),
    ]
    const bay = hold([10, 10, 4])
    expect(all([bay], pieces).left).toEqual([])
    expect(count(pack([bay], pieces, QUICK))).toBeLessThanOrEqual(4)
  })
})

describe('over chance sets', () => {
  const side = fc.integer({ min: 1, max: 12 })
  const anyPiece = fc.record({
    size: fc.tuple(side, side, side),
    count: fc.integer({ min: 1, max: 3 }),
    weight: fc.integer({ min: 1, max: 40 }),
    turns: fc.constantFrom('any' as const, 'upright' as const, 'never' as const),
    bears: fc.boolean(),
    stands: fc.boolean(),
  })
  const someDoor = fc.array(
    fc.record({ wall: fc.constantFrom('door' as const, 'front' as const, 'top' as const), width: side, height: side }),
    { maxLength: 2 },
  )

  it('the checker, which shares no code with the packer, finds nothing', () => {
    fc.assert(
      fc.property(
        fc.array(anyPiece, { minLength: 1, maxLength: 7 }),
        fc.tuple(side, side, side),
        fc.tuple(side, side, side),
        someDoor,
        fc.integer({ min: 10, max: 200 }),
        (some, a, b, openings, limit) => {
          const pieces = some.map((one, i): Piece => ({ ...one, id: `p${i}`, ...(i % 3 === 0 && { only: ['a'] }) }))
          const holds = [hold(a, { id: 'a', openings, limit }), hold(b, { id: 'b' })]
          return faultsOf(holds, pieces, pack(holds, pieces, { looks: 4, starts: 3, most: 200 })).length === 0
        },
      ),
      { numRuns: 150 },
    )
  })

  it('as many pieces as trying every place on a grid of inches', () => {
    const small = fc.integer({ min: 1, max: 3 })
    fc.assert(
      fc.property(
        fc.array(fc.tuple(small, small, small), { minLength: 1, maxLength: 3 }),
        fc.tuple(small, small, small),
        (sizes, bay) => {
          const pieces = sizes.map((size, i) => piece(size, { id: `p${i}` }))
          return count(pack([hold(bay)], pieces)) === mostByForce(sizes, bay)
        },
      ),
      { numRuns: 120 },
    )
  })

  it('cargoes of dozens of boxes (in the manner of Bischoff and Ratcliff, 1995) are sound and more than four fifths full', () => {
    const random = chance(5)
    for (const kinds of [3, 8]) {
      const pieces = bischoffRatcliff(random, kinds)
      const packing = pack([BR_CONTAINER], pieces, { aim: 'volume', looks: 6, starts: 1, most: 0 })
      expect(faultsOf([BR_CONTAINER], pieces, packing)).toEqual([])
      const volume = packing.placed.reduce((sum, { size: [l, w, h] }) => sum + l * w * h, 0)
      expect(volume / (587 * 233 * 220)).toBeGreaterThan(0.8)
    }
  })
})

describe('the checker sees', () => {
  const bay = hold([20, 20, 20], { openings: [{ wall: 'door', width: 10, height: 10 }], limit: 25 })
  const box = piece([10, 10, 10], { count: 2 })
  const at = (x: number, y: number, z: number, size: Size = [10, 10, 10]): Placed => ({
    piece: 'box',
    hold: 'bay',
    at: [x, y, z],
    size,
  })
  const faults = (placed: Placed[], pieces = [box]) => faultsOf([bay], pieces, { placed, left: [] }).join('; ')

  it.each([
    ['nothing', [at(0, 0, 0), at(10, 0, 0)], /^$/],
    ['two in one place', [at(0, 0, 0), at(5, 0, 0)], /overlap/],
    ['one through the wall', [at(0, 0, 0), at(15, 0, 0)], /sticks out/],
    ['one in the air', [at(0, 0, 0), at(10, 10, 5)], /in the air/],
    ['one half in the air', [at(0, 0, 0), at(5, 0, 10)], /half in the air/],
    ['one that was forgotten', [at(0, 0, 0)], /1 placed and 0 left of 2/],
  ])('%s', (_, placed, said) => expect(faults(placed)).toMatch(said))

  it.each([
    ['a limit', [piece([10, 10, 10], { count: 2, weight: 20 })], /carries 40 of 25 lb/],
    ['a door too small', [piece([11, 11, 10], { count: 2 })], /goes through no door/],
    ['a forbidden hold', [piece([10, 10, 10], { count: 2, only: ['other'] })], /must not be in bay/],
    ['a turn', [piece([5, 20, 10], { count: 2 })], /turned as it must not be/],
  ])('%s', (_, pieces, said) => expect(faults([at(0, 0, 0), at(10, 0, 0)], pieces)).toMatch(said))

  it('what stands on a fragile thing', () =>
    expect(faults([at(0, 0, 0), at(0, 0, 10)], [piece([10, 10, 10], { count: 2, bears: false })])).toMatch(
      /which bears nothing/,
    ))
})

/** Every piece in or out, at every whole inch, in every turn; each must stand wholly on the floor or on tops. */
function mostByForce(sizes: Size[], [L, W, H]: Size): number {
  let best = 0
  const go = (left: Size[], placed: { at: Size; size: Size }[]): void => {
    best = Math.max(best, placed.length)
    left.forEach((size, i) => {
      for (const [dx, dy, dz] of permutations(size)) {
        for (let z = 0; z + dz <= H; z++)
          for (let y = 0; y + dy <= W; y++)
            for (let x = 0; x + dx <= L; x++) {
              const clash = placed.some(
                ({ at, size: s }) =>
                  x < at[0] + s[0] &&
                  at[0] < x + dx &&
                  y < at[1] + s[1] &&
                  at[1] < y + dy &&
                  z < at[2] + s[2] &&
                  at[2] < z + dz,
              )
              const under = placed
                .filter(({ at, size: s }) => at[2] + s[2] === z)
                .reduce(
                  (sum, { at, size: s }) =>
                    sum +
                    Math.max(0, Math.min(x + dx, at[0] + s[0]) - Math.max(x, at[0])) *
                      Math.max(0, Math.min(y + dy, at[1] + s[1]) - Math.max(y, at[1])),
                  0,
                )
              if (!clash && (z === 0 || under === dx * dy))
                go(
                  left.filter((_, k) => k !== i),
                  [...placed, { at: [x, y, z], size: [dx, dy, dz] }],
                )
            }
      }
    })
  }
  go(sizes, [])
  return best
}

const permutations = ([a, b, c]: Size): Size[] => [
  [a, b, c],
  [b, a, c],
  [a, c, b],
  [c, a, b],
  [b, c, a],
  [c, b, a],
]
