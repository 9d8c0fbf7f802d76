import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { defaultsOf, fixed, rule, rulesIn, wrongFor } from './rule'

const table = {
  gap: rule('Gap', 18, 'in', [14, 26], 'Common practice'),
  tongue: { least: rule('Tongue', 0.1, 'share', [0.1, 0.13], 'A standard', 0.005) },
  water: fixed(8.34, 'NIST'),
  crib: fixed([40, 28], 'As sold'),
}

describe('a table of rules', () => {
  it('gives its default values under the same keys, what is fixed among them', () =>
    expect(defaultsOf(table)).toEqual({ gap: 18, tongue: { least: 0.1 }, water: 8.34, crib: [40, 28] }))

  it('lists every rule that can be set, and nothing that is fixed', () =>
    expect(rulesIn(table).map(({ path }) => path)).toEqual(['gap', 'tongue.least']))
})

describe('a value for a rule', () => {
  it.each([
    [18, undefined],
    [14, undefined],
    [26, undefined],
    [13, 'a number from 14 to 26 in steps of 1'],
    [27, 'a number from 14 to 26 in steps of 1'],
    [18.5, 'a number from 14 to 26 in steps of 1'],
    [Number.NaN, 'a number from 14 to 26 in steps of 1'],
    [Infinity, 'a number from 14 to 26 in steps of 1'],
  ])('%s: %s', (value, says) => expect(wrongFor(table.gap, value)).toBe(says))

  it('counts its steps from the least, whatever floating point makes of them', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 6 }), (steps) => {
        expect(wrongFor(table.tongue.least, 0.1 + steps * 0.005)).toBeUndefined()
      }),
    ))
})
