import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NotAFigure } from '../quantity/parse'
import { hearLine, meterLine } from './meter'
import { reads } from './reading'
import { typedReading } from './typed'

describe('a reading as it is typed', () => {
  it.each([
    [reads.length('Length'), `6'2`, 74],
    [reads.length('Length'), '188 cm', 74.016],
    [reads.weight('Weight'), '3,555 lb', 3555],
    [reads.amount('Capacity', 'cu ft'), '10.7 cu ft', 10.7],
    [reads.amount('Price', '$'), '31.9k', 31900],
    [reads.count('Seats'), '4', 4],
    [reads.yesNo('Ladder'), 'y', true],
    [reads.yesNo('Ladder'), 'None', false],
    [reads.choice('Drive', 'manual', 'power'), 'p', 'power'],
    [reads.text('Where'), ' on the frame ', 'on the frame'],
  ])('%o: %s', (spec, text, value) => expect(typedReading(spec, text)).toBe(value))

  it.each([
    [reads.length('Length'), 'long', /feet and inches/],
    [reads.length('Length'), '', /feet and inches/],
    [reads.count('Seats'), '2.5', /whole number/],
    [reads.yesNo('Ladder'), 'maybe', /yes or no/],
    [reads.choice('Drive', 'power pairs', 'power each'), 'power', /one of power pairs, power each/],
    [reads.text('Where'), '  ', /a few words/],
  ])('%o: "%s" is refused with what would be right', (spec, text, says) => {
    expect(() => typedReading(spec, text)).toThrow(NotAFigure)
    expect(() => typedReading(spec, text)).toThrow(says)
  })
})

describe('a laser meter', () => {
  it('what it sends is heard as it was measured, to the eighth of an inch', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 17, max: 12480 }),
        (eighths) =>
          'inches' in hearLine(meterLine(eighths / 8)) &&
          (hearLine(meterLine(eighths / 8)) as { inches: number }).inches === eighths / 8,
      ),
    )
  })

  it('a sign changed on the way is noticed, wherever it happens', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 1200 }), fc.nat(), fc.integer({ min: 1, max: 9 }), (value, at, shift) => {
        const line = meterLine(value)
        const digits = [...line].map((sign, i) => [sign, i] as const).filter(([sign]) => /\d/.test(sign))
        const [sign, i] = digits[at % digits.length]!
        const garbled = line.slice(0, i) + String((Number(sign) + shift) % 10) + line.slice(i + 1)
        return 'refused' in hearLine(garbled)
      }),
    )
  })

  it.each([
    ['ERR 255 weak signal', /could not measure \(255 weak signal\)/],
    [meterLine(1.2), /outside what a meter measures \(2 in to 130 ft\)/],
    [meterLine(1600), /outside/],
    ['1.88', /Not understood: “1.88”/],
    ['', /Not understood/],
  ])('%s is refused with a reason', (line, says) =>
    expect(hearLine(line)).toEqual({ refused: expect.stringMatching(says) }),
  )
})
