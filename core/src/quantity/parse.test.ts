import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatFeet } from './format'
import { NotAFigure, parseLength, parseMoney, parseNumber, parseWeight } from './parse'

describe('a length as people write it', () => {
  it.each([
    [`6'2`, 74],
    [`6'2"`, 74],
    [`6’ 2”`, 74],
    ['6 ft 2 in', 74],
    ['6 feet 2', 74],
    ['6ft', 72],
    ['74', 74],
    ['74"', 74],
    ['74 inches', 74],
    [' 26 FT ', 312],
    [`5' 1 1/2"`, 61.5],
    ['3/4 in', 0.75],
    ['1,234', 1234],
  ])('%s is %d in', (text, inches) => expect(parseLength(text)).toBe(inches))

  it.each([
    ['188 cm', 74.016],
    ['1.88 m', 74.016],
    ['1880mm', 74.016],
    ['2,413 m', 95],
    ['1,88 m', 74.016],
    ['188,5 cm', 74.213],
  ])('%s is %d in (1 in = 2.54 cm exactly, international inch of 1959)', (text, inches) =>
    expect(parseLength(text)).toBeCloseTo(inches, 3),
  )

  it('a comma before one or two digits is a decimal point, before three a thousand, wherever a figure is typed', () => {
    expect(parseLength('72,5')).toBe(72.5)
    expect(parseLength('6 ft 2,5 in')).toBe(74.5)
    expect(parseWeight('62,25 lb')).toBe(62.25)
    expect(parseWeight('3,555')).toBe(3555)
    expect(parseNumber('7,5')).toBe(7.5)
    expect(parseMoney('31,9k')).toBe(31_900)
    expect(parseMoney('$1,031,900.50')).toBe(1_031_900.5)
    for (const text of ['1,234,5', '12,3456', ',5,', '31,90,0'])
      for (const parse of [parseLength, parseWeight, parseMoney, parseNumber])
        expect(() => parse(text), text).toThrow(NotAFigure)
  })

  it.each(['', 'tall', '-4', '6 foot 2 yards', '12 lb', '1/0x', '1/0', `5'13`, '5 ft 12 in'])(
    '%j is none, and the error says what would be right',
    (text) => {
      expect(() => parseLength(text)).toThrow(NotAFigure)
      expect(() => parseLength(text)).toThrow(/6'2|1\/2/)
    },
  )

  it('comes back from how it is said, for every whole inch', () => {
    fc.assert(fc.property(fc.integer({ min: 0, max: 720 }), (inches) => parseLength(formatFeet(inches)) === inches))
  })

  it('never turns any text into a negative length or into nothing', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        try {
          return parseLength(text) >= 0
        } catch (failure) {
          return failure instanceof NotAFigure
        }
      }),
    )
  })
})

describe('weights and money', () => {
  it.each(['2.400 kg', '1.234 lb'])('%s is two figures to two readers, and refused with both', (text) =>
    expect(() => parseWeight(text)).toThrow(/without a point, such as 2400 kg, or 2\.4 kg/),
  )
  it('a decimal comma before kilograms is one', () => expect(parseWeight('2,4 kg')).toBeCloseTo(5.29, 2))

  it.each([
    ['180', 180],
    ['3,555 lb', 3555],
    ['180#', 180],
    ['7700 pounds', 7700],
  ])('%s weighs %d lb', (text, pounds) => expect(parseWeight(text)).toBe(pounds))

  it('82 kg is 180.8 lb (1 lb = 0.45359237 kg exactly, NIST)', () =>
    expect(parseWeight('82 kg')).toBeCloseTo(82 / 0.45359237, 4))

  it.each([
    ['$31,900', 31900],
    ['32k', 32000],
    ['18.5k', 18500],
  ])('%s is %d dollars', (text, dollars) => expect(parseMoney(text)).toBe(dollars))

  it.each([parseWeight, parseMoney, parseNumber])('refuses words', (parse) =>
    expect(() => parse('plenty')).toThrow(NotAFigure),
  )
})
