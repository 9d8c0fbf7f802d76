import { describe, expect, it } from 'vitest'
import { formatFeet, formatQuantity } from './format'
import { feet, listed, phraseText, says } from './phrase'
import { dollars, inches, pounds, quantity } from './quantity'

describe('a quantity as it is said', () => {
  it.each([
    [inches(4), '4 in'],
    [inches(80), '80 in'],
    [inches(258), '21 ft 6 in'],
    [inches(-3.3), '-3.3 in'],
    // Sixteenths where tenths would round them away, as a tape is read and a ball is stamped.
    [inches(2.3125), '2 5/16 in'],
    [inches(1.875), '1 7/8 in'],
    [inches(9.25), '9 1/4 in'],
    [inches(-0.125), '-1/8 in'],
    [inches(22.5), '22.5 in'],
    [inches(7.333), '7.3 in'],
    [pounds(3555), '3,555 lb'],
    [dollars(31900), '$31,900'],
    [dollars(-250), '-$250'],
    [quantity(10.7, 'cu ft'), '10.7 cu ft'],
    [quantity(12.34, 'sq ft'), '12.3 sq ft'],
    [quantity(1, 'person'), '1 person'],
    [quantity(3, 'burner'), '3 burners'],
    [quantity(-0.2, 'lb'), '0 lb'],
  ])('%o', (figure, text) => expect(formatQuantity(figure)).toBe(text))

  it('is said in metric when the person chose so (NIST factors)', () => {
    expect(formatQuantity(inches(74), 'metric')).toBe('188 cm')
    expect(formatQuantity(quantity(100, 'sq ft'), 'metric')).toBe('9.3 m²')
    expect(formatQuantity(inches(386), 'metric')).toBe('9.80 m')
    expect(formatQuantity(pounds(3555), 'metric')).toBe('1,613 kg')
    expect(formatQuantity(quantity(30, 'gal'), 'metric')).toBe('114 L')
    expect(formatFeet(71, 'metric')).toBe('1.80 m')
  })

  it('says a height in feet, rounded to the inch', () => {
    expect(formatFeet(74)).toBe('6 ft 2 in')
    expect(formatFeet(72)).toBe('6 ft')
    expect(formatFeet(71.6)).toBe('6 ft')
  })
})

describe('a sentence with figures', () => {
  const sentence = says`${'Pim'} (${feet(71)}) has ${inches(7)} to spare`
  it('keeps its figures until it is shown', () => {
    expect(phraseText(sentence)).toBe('Pim (5 ft 11 in) has 7 in to spare')
    expect(phraseText(sentence, 'metric')).toBe('Pim (1.80 m) has 18 cm to spare')
  })

  it('takes another sentence in', () =>
    expect(phraseText(says`With guests: ${sentence}.`)).toBe('With guests: Pim (5 ft 11 in) has 7 in to spare.'))

  it('lists names as people do', () => {
    expect(listed(['Ro'])).toBe('Ro')
    expect(listed(['Ro', 'Mi'])).toBe('Ro and Mi')
    expect(listed(['Ro', 'Mi', 'Ta'])).toBe('Ro, Mi and Ta')
    expect(listed([])).toBe('')
  })
})
