import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { person } from '../testing/someone'
import { centiles, older } from './growth'

const inches = (centimeters: number) => centimeters / 2.54

describe('children grow by the table (CDC growth charts, United States, 2000)', () => {
  it.each([
    ['female', 'stature', 2, [78.4, 85.0, 91.5]],
    ['female', 'stature', 4.5, [95.9, 104.2, 113.1]],
    ['male', 'stature', 20, [163.3, 176.8, 190.2]],
    ['male', 'weight', 19.5, [53.7, 69.9, 99.8]],
  ] as const)('%s %s at %d years: 3rd, 50th and 97th centile as printed', (sex, measure, age, expected) =>
    expect(centiles(sex, measure, age)).toEqual(expected),
  )

  it('a girl in the middle at four stays in the middle at fourteen', () => {
    const now = person({ age: 4, sex: 'female', height: inches(centiles('female', 'stature', 4)[1]) })
    expect(older(now, 10).height).toBeCloseTo(inches(centiles('female', 'stature', 14)[1]), 6)
  })

  it('a boy on the 97th stays on the 97th, in height and in weight', () => {
    const [tall, heavy] = [centiles('male', 'stature', 9)[2], centiles('male', 'weight', 9)[2]]
    const grown = older(person({ age: 9, sex: 'male', height: inches(tall), weight: heavy * 2.20462262 }), 5)
    expect(grown.height).toBeCloseTo(inches(centiles('male', 'stature', 14)[2]), 6)
    expect(grown.weight).toBeCloseTo(centiles('male', 'weight', 14)[2] * 2.20462262, 3)
  })

  it('whose sex was not given ends up as tall as the taller', () => {
    const child = { age: 9, height: 53 }
    const [girl, boy, either] = [
      older(person({ ...child, sex: 'female' }), 8),
      older(person({ ...child, sex: 'male' }), 8),
      older(person(child), 8),
    ]
    expect(either.height).toBe(Math.max(girl.height!, boy.height!))
  })

  it('grown people get older and nothing else, and what was not asked stays unknown', () => {
    expect(older(person({ age: 30, height: 70, weight: 180 }), 10)).toMatchObject({ age: 40, height: 70, weight: 180 })
    expect(older(person({ age: 8, height: undefined, weight: undefined }), 3)).toMatchObject({
      height: undefined,
      weight: undefined,
    })
  })

  it('nobody shrinks from one year to the next', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 25, noNaN: true }),
        fc.double({ min: 25, max: 76, noNaN: true }),
        fc.integer({ min: 0, max: 9 }),
        fc.constantFrom('female' as const, 'male' as const),
        (age, height, years, sex) => {
          const one = person({ age, height, sex })
          return older(one, years + 1).height! >= older(one, years).height! - 1e-9
        },
      ),
    )
  })
})
