import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { vinCheckDigit, vinIsValid } from './vin'

// 49 CFR 565.15 (from memory).
describe('the check digit of a VIN', () => {
  it('1M8GDM9AXKP042788 is valid, its check digit X', () => {
    expect(vinCheckDigit('1M8GDM9AXKP042788')).toBe('X')
    expect(vinIsValid('1M8GDM9AXKP042788')).toBe(true)
  })

  it('seventeen 1s are valid', () => expect(vinIsValid('1'.repeat(17))).toBe(true))

  it('I, O, Q, small letters and wrong lengths are not allowed', () => {
    for (const vin of [
      '1M8GDM9AXKP04278I',
      '1M8GDM9AXKP04278O',
      '1M8GDM9AXKP04278Q',
      '1m8gdm9axkp042788',
      '1M8GDM9AXKP04278',
      '',
    ])
      expect(vinIsValid(vin)).toBe(false)
  })

  it('any one digit read wrong is noticed', () => {
    // Weights 1 to 10 have an inverse modulo 11, so a changed digit always changes the remainder. Position 9 is the check digit itself.
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 16 }), fc.integer({ min: 0, max: 9 }), (at, digit) => {
        const vin = '1M8GDM9AXKP042788'
        if (!/\d/.test(vin[at]!) || vin[at] === String(digit)) return true
        return !vinIsValid(vin.slice(0, at) + digit + vin.slice(at + 1))
      }),
    )
  })
})
