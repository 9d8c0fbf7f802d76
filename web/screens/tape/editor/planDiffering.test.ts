import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '@hitchet/core/testing/unit'
import { planDiffering } from './planDiffering'

const base = emptyPlan({
  fixtures: [fixture('toilet', [200, 36, 22, 17], {}, { faces: 'front' }), fixture('wardrobe', [100, 2, 26, 20])],
})
const rows = (mine: typeof base, theirs: typeof base) =>
  planDiffering(mine, theirs, 'us').map(({ path, mine: own, theirs: other }) => [path, own, other])

describe('two versions of a plan, in the words of the drawing board', () => {
  it('none for two alike, whatever was read on them', () =>
    expect(
      rows(base, {
        ...base,
        fixtures: base.fixtures.map((one) => ({
          ...one,
          readings: { room: [{ value: 26, source: 'measured' as const }] },
        })),
      }),
    ).toEqual([]))

  it('what was moved, by how much', () => {
    const moved = {
      ...base,
      fixtures: [fixture('toilet', [80, 36, 22, 17], {}, { faces: 'front' }), base.fixtures[1]!],
    }
    expect(rows(moved, base)).toEqual([['Toilet, from the front', '80 in', '16 ft 8 in']])
  })

  it('what one of the two has and the other has not', () => {
    expect(rows(base, { ...base, fixtures: [base.fixtures[0]!] })).toEqual([['Wardrobe', 'there', 'not there']])
    expect(rows({ ...base, fixtures: [base.fixtures[0]!] }, base)).toEqual([['Wardrobe', 'not there', 'there']])
  })

  it('what was chosen otherwise, and the box', () => {
    const turned = {
      ...base,
      box: { ...base.box, tongue: 44 },
      fixtures: [{ ...base.fixtures[0]!, faces: 'door' as const }, base.fixtures[1]!],
    }
    expect(rows(turned, base)).toEqual([
      ['The box: tongue', '44', '40'],
      ['Toilet: faces', 'door', 'front'],
    ])
  })
})
