import { parseLength, parseMoney, parseNumber, parseWeight, NotAFigure } from '../quantity/parse'
import type { ReadingSpec, ReadingValue } from './reading'

/**
 * What someone typed for a reading, as people write it: `6'2`, `3,555 lb`, `yes`, `12 V`.
 * @throws NotAFigure when it is none, saying what would be right.
 */
export function typedReading(spec: ReadingSpec, text: string): ReadingValue {
  if (spec.kind === 'text') return notEmpty(text)
  if (spec.kind === 'yes-no') return yesOrNo(text)
  if (spec.kind === 'choice') return chosen(text, spec.choices!)
  const value =
    spec.unit === 'in'
      ? parseLength(text)
      : spec.unit === 'lb'
        ? parseWeight(text)
        : spec.unit === '$'
          ? parseMoney(text)
          : parseNumber(withoutUnit(text, spec.unit))
  if (spec.whole && !Number.isInteger(value)) throw new NotAFigure(text, 'a whole number such as 4')
  return Math.round(value * 1000) / 1000
}

function notEmpty(text: string): string {
  const clean = text.trim()
  if (!clean) throw new NotAFigure(text, 'a few words')
  return clean.slice(0, 200)
}

function yesOrNo(text: string): boolean {
  const clean = text.trim().toLowerCase()
  if (['yes', 'y', 'true', '1'].includes(clean)) return true
  if (['no', 'n', 'false', '0', 'none'].includes(clean)) return false
  throw new NotAFigure(text, 'yes or no')
}

/** A choice by its words, or by a beginning that only one of them has. */
function chosen(text: string, choices: readonly string[]): string {
  const clean = text.trim().toLowerCase()
  const found =
    choices.find((choice) => choice.toLowerCase() === clean) ??
    onlyOne(choices.filter((choice) => clean && choice.toLowerCase().startsWith(clean)))
  if (!found) throw new NotAFigure(text, `one of ${choices.join(', ')}`)
  return found
}

const onlyOne = (found: string[]): string | undefined => (found.length === 1 ? found[0] : undefined)

const withoutUnit = (text: string, unit: string | undefined): string =>
  unit && text.trim().toLowerCase().endsWith(unit.toLowerCase()) ? text.trim().slice(0, -unit.length) : text
