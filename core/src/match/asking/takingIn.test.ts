import { describe, expect, it } from 'vitest'
import { withReading } from '../../trailer/things'
import { fixture, unit } from '../../testing/unit'
import { stationsOf } from '../../walk/stations'
import { asked } from './takingIn'

const cupboard = unit({ fixtures: [fixture('pantry', [10, 10, 24, 20], {}, { id: 'pantry' })] })
const key = 'plan.fixtures.pantry.hinge'
const keys = (trailer = cupboard, waits: string[] = []) =>
  asked(
    stationsOf(trailer),
    waits.map((one) => ({ key: one, households: ['The Ardens'] })),
  ).flatMap(({ things }) => things.map((seen) => seen.key))

describe('how a cupboard is hung', () => {
  it('is asked where somebody waits for it, stays once it was read, and is not asked otherwise', () => {
    expect(keys()).not.toContain(key)
    expect(keys(cupboard, [key])).toContain(key)
    expect(keys(withReading(cupboard, key, { value: 'front', source: 'measured' }))).toContain(key)
  })

  it('takes nothing else off the walk', () => {
    const all = stationsOf(cupboard).flatMap(({ things }) => things.map((seen) => seen.key))
    expect(all.filter((one) => !keys().includes(one))).toEqual([key, 'plan.fixtures.pantry.leaves'])
  })
})
