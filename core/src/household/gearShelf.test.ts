import { describe, expect, it } from 'vitest'
import { GEAR_SHELF, usualGear } from './gearShelf'

describe('what is usually meant', () => {
  it.each([
    ['Kayak', 'Kayak, 10 ft'],
    ['canoe', 'Canoe, 16 ft'],
    ['2 bikes', 'Bikes, 26 in wheels'],
    ['the folding chairs', 'Folding chairs'],
    ['Dirt bike', 'Dirt bike'],
    ['generator', 'Generator'],
    ['Coolers', 'Coolers, 48 quart'],
  ])('by %s', (typed, name) => expect(usualGear(typed)?.name).toBe(name))
  it('nothing by what the shelf knows nothing of', () => {
    for (const typed of ['', 'telescope', '12', 'the big old', 'cast iron skillet'])
      expect(usualGear(typed)).toBeUndefined()
  })
  it('everything on the shelf by its own name', () => {
    for (const one of GEAR_SHELF) expect(usualGear(one.name)).toBe(one)
  })
})
