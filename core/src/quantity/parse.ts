/** Reading figures as people write them on a lot: `6'2`, `6 ft 2 in`, `74`, `188 cm`, `3,555 lb`, `$31,900`. */

export const CM_PER_INCH = 2.54
export const LB_PER_KG = 2.2046226218

/** Said when a text is not a figure; `expected` names forms that would be right. */
export class NotAFigure extends Error {
  constructor(
    readonly text: string,
    readonly expected: string,
  ) {
    super(`"${text}" is not a figure that can be read; write ${expected}`)
    this.name = 'NotAFigure'
  }
}

const LENGTH_FORMS = `feet and inches such as 6'2 or 6 ft 2 in, inches such as 74, or 188 cm`
const WEIGHT_FORMS = 'pounds such as 180 or 3,555 lb, or 82 kg'

/** 1, 1.5, 1/2 or 1 1/2 */
const NUMBER = String.raw`(?:\d+\s+\d+/\d+|\d+/\d+|\d+(?:\.\d+)?|\.\d+)`
const FEET = new RegExp(`^(${NUMBER})\\s*(?:'|ft\\.?|feet|foot)\\s*(?:(${NUMBER})\\s*(?:"|''|in\\.?|inch|inches)?)?$`)
const INCHES = new RegExp(`^(${NUMBER})\\s*(?:"|''|in\\.?|inch|inches)?$`)
const METRIC = new RegExp(`^(${NUMBER})\\s*(mm|cm|m)$`)
const POUNDS = new RegExp(`^(${NUMBER})\\s*(?:lbs?\\.?|pounds?|#)?$`)
const KILOGRAMS = new RegExp(`^(${NUMBER})\\s*(?:kgs?|kilograms?)$`)
const MONEY = new RegExp(`^\\$?\\s*(${NUMBER})\\s*(k)?$`)

/**
 * Inches from a text. A bare number is inches. Never negative: a length on a trailer or a person is not.
 * @throws NotAFigure when the text is no length.
 */
export function parseLength(text: string): number {
  const clean = tidy(text)
  const feet = FEET.exec(clean)
  if (feet) {
    const over = feet[2] ? toNumber(feet[2]) : 0
    if (over >= 12) throw new NotAFigure(text, "feet and less than 12 inches, such as 6'2, or inches alone, such as 74")
    return toNumber(feet[1]!) * 12 + over
  }
  const metric = METRIC.exec(clean)
  if (metric) {
    const perUnit = { mm: 0.1, cm: 1, m: 100 }[metric[2] as 'mm' | 'cm' | 'm']
    return (toNumber(metric[1]!) * perUnit) / CM_PER_INCH
  }
  const plain = INCHES.exec(clean)
  if (plain) return toNumber(plain[1]!)
  throw new NotAFigure(text, LENGTH_FORMS)
}

/**
 * Pounds from a text. A bare number is pounds.
 * @throws NotAFigure when the text is no weight.
 */
export function parseWeight(text: string): number {
  const clean = tidy(text)
  // 2.400 is two thousand four hundred to some and two and four tenths to others.
  if (/^\d{1,3}\.\d{3}(?!\d)/.test(clean))
    throw new NotAFigure(text, 'the weight without a point, such as 2400 kg, or 2.4 kg')
  const kilograms = KILOGRAMS.exec(clean)
  if (kilograms) return toNumber(kilograms[1]!) * LB_PER_KG
  const plain = POUNDS.exec(clean)
  if (plain) return toNumber(plain[1]!)
  throw new NotAFigure(text, WEIGHT_FORMS)
}

/**
 * US dollars from a text: `31,900`, `$31,900`, `32k`.
 * @throws NotAFigure when the text is no amount.
 */
export function parseMoney(text: string): number {
  const match = MONEY.exec(tidy(text))
  if (!match) throw new NotAFigure(text, 'an amount such as 31,900 or 32k')
  return toNumber(match[1]!) * (match[2] ? 1000 : 1)
}

/**
 * A bare number: years, nights, counts.
 * @throws NotAFigure when the text is none.
 */
export function parseNumber(text: string): number {
  const match = new RegExp(`^(${NUMBER})$`).exec(tidy(text))
  if (!match) throw new NotAFigure(text, 'a number such as 4')
  return toNumber(match[1]!)
}

/** Lower case, plain quotes, plain numbers; before meters a comma is a decimal point, however many digits follow. */
const tidy = (text: string): string =>
  plainNumbers(
    text
      .trim()
      .toLowerCase()
      .replace(/[’′]/g, "'")
      .replace(/[”″]/g, '"')
      .replace(/^(\d+),(\d+)(?=\s*m$)/, '$1.$2'),
  )

/**
 * Numbers with neither thousands separators nor decimal commas: a comma before exactly three digits separates thousands, one
 * before one or two digits is a decimal point. Anything else with a comma is left as it is, and read by nobody.
 *
 *      3,555 lb: 3555 lb      72,5 in: 72.5 in      1,234,5: no number
 */
export const plainNumbers = (text: string): string =>
  text.replace(/\d[\d,]*(?:\.\d+)?/g, (number) => {
    const whole = /^\d{1,3}(?:,\d{3})+(?:\.\d+)?$/.test(number)
    return whole ? number.replaceAll(',', '') : number.replace(/^(\d+),(\d{1,2})$/, '$1.$2')
  })

function toNumber(text: string): number {
  const [whole, fraction] = text.includes(' ') ? text.split(/\s+/) : text.includes('/') ? ['0', text] : [text]
  const [over, under] = fraction ? fraction.split('/').map(Number) : [0, 1]
  // 1/0 is no figure: whoever asked turns it into words.
  if (under === 0) throw new NotAFigure(text, 'a fraction such as 1/2')
  return Number(whole) + over! / under!
}
