import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { againstLike, type LikeFigures } from './againstLike'

const of = (stock: string, given: Partial<LikeFigures>): LikeFigures => ({
  stock,
  layout: 'bunkhouse',
  length: 348,
  ...given,
})
const words = (own: LikeFigures, ...others: LikeFigures[]) =>
  againstLike(own, [own, ...others]).map((one) => phraseText(one))

describe('a unit against its like on the lot', () => {
  const others = [of('B', { uvw: 5040 }), of('C', { uvw: 5180 }), of('D', { uvw: 5600 })]
  it('is lighter than each of the others of its length and layout, by what it is from the lightest of them', () =>
    expect(words(of('A', { uvw: 4620 }), ...others)).toEqual([
      '420 lb lighter dry than each of the 3 others of its length and layout.',
    ]))
  it('says nothing of what lies between them, nor of what a scale would not tell apart', () => {
    expect(words(of('A', { uvw: 5100 }), ...others)).toEqual([])
    expect(words(of('A', { uvw: 5010 }), ...others)).toEqual([])
  })
  it('with too few of its layout those of its length count; with one of them nothing does', () => {
    const rear = others.map((one) => ({ ...one, layout: 'rear bath' as const }))
    expect(words(of('A', { uvw: 4620 }), ...rear)).toEqual([
      '420 lb lighter dry than each of the 3 others of its length.',
    ])
    expect(words(of('A', { uvw: 4620 }), others[0]!)).toEqual([])
  })
  it('longer and shorter ones, and those whose length nobody read, are not its like', () =>
    expect(
      words(
        of('A', { uvw: 4620 }),
        ...others,
        of('E', { uvw: 4000, length: 300 }),
        of('F', { uvw: 3000, length: undefined }),
      ),
    ).toHaveLength(1))
  it('says among how many a figure is known', () =>
    expect(
      words(
        of('A', { askingPrice: 21_000 }),
        ...others.map((one, i) => ({ ...one, ...(i && { askingPrice: 25_000 }) })),
      ),
    ).toEqual(['$4,000 cheaper than each of the 2 others of its length and layout of which it is known.']))
  it('whatever is said is so: of every other of which it is known', () =>
    fc.assert(
      fc.property(
        fc.array(fc.record({ uvw: fc.option(fc.integer({ min: 3000, max: 6000 }), { nil: undefined }) }), {
          minLength: 2,
          maxLength: 8,
        }),
        fc.integer({ min: 3000, max: 6000 }),
        (lot, own) => {
          const [said] = words(of('own', { uvw: own }), ...lot.map((one, i) => of(`O${i}`, one)))
          if (!said) return
          const by = Number(said.match(/^([\d,]+) lb/)![1]!.replace(',', ''))
          const known = lot.flatMap(({ uvw }) => uvw ?? [])
          expect(known.every((uvw) => (said.includes('lighter') ? uvw - own : own - uvw) >= by)).toBe(true)
        },
      ),
    ))
})
