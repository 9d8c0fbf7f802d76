import { describe, expect, it } from 'vitest'
import { camp } from '../testing/camped'
import { equipment, unit } from '../testing/unit'
import { campingFacts } from './facts'
import { morningRush } from './morningRush'

const heater = (values: Record<string, number | string>) =>
  campingFacts(unit({}, {}, [equipment('water-heater', values)]))
const SIX = { capacity: 6, recovery: 17.8, fuel: 'gas and electric' }

describe('showers in a row', () => {
  it('six gallons at 17.8 gal/h are hot again in about 20 minutes (common practice)', () => {
    expect(morningRush(heater(SIX), camp())!.wait).toBe(20)
  })

  it('by hand: 4.8 gallons come hot, a short shower takes 2.67 of them less 0.59 heated meanwhile: two in a row', () => {
    expect(morningRush(heater(SIX), camp())!.showers).toBe(2)
    expect(morningRush(heater({ ...SIX, capacity: 10 }), camp())!.showers).toBe(3)
    expect(morningRush(heater(SIX), camp({ washing: 'as at home' }))!.showers).toBe(0)
  })

  it('on demand there is no end of it but the tanks; four showers leave 16 gallons in the gray', () => {
    const rush = morningRush(heater({ fuel: 'on-demand gas' }), camp({}, 4))!
    expect(rush).toMatchObject({ showers: Infinity, toGray: 16 })
  })

  it('says nothing of a tank that nobody read, nor to those who shower in the park', () => {
    expect(morningRush(heater({ fuel: 'gas' }), camp())).toBeUndefined()
    expect(morningRush(heater(SIX), camp({ washing: 'park showers' }))).toBeUndefined()
  })
})
