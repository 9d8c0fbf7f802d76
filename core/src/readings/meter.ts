import { CM_PER_INCH } from '../quantity/parse'
import { formatQuantity } from '../quantity/format'
import { inches } from '../quantity/quantity'

/**
 * A distance meter that sends what it measures. The program ships with one that is played on the screen
 * (`web/screens/tape/laser`); one that is connected for real takes the same place.
 */
export interface DistanceMeter {
  /** Each line as it came over the wire; the returned function stops listening. */
  listen(hear: (line: string) => void): () => void
}

/** What a line said: inches, or why it is not taken. */
export type Heard = { inches: number } | { refused: string }

/** What a hand-held meter measures, inches: 2 in to 130 ft (common practice: 0.05 m to 40 m). */
const RANGE = { least: 2, most: 1560 }
const RANGE_TEXT = `${formatQuantity(inches(RANGE.least))} to ${formatQuantity(inches(RANGE.most))}`

const LINE = /^DIST (\d{1,3}\.\d{1,4}) m \*([0-9A-F]{2})$/

/**
 * A line of the stand-in's own protocol: `DIST 1.8796 m *4B`. The two digits are the sum of the signs before
 * the star, modulo 256, in hexadecimal, so that a line garbled on its way is noticed.
 */
export function hearLine(line: string): Heard {
  const clean = line.trim()
  if (clean.startsWith('ERR'))
    return {
      refused: `The meter could not measure (${clean.slice(3).trim() || 'no reason given'}): aim again at something that does not shine.`,
    }
  const match = LINE.exec(clean)
  if (!match) return { refused: `Not understood: “${clean.slice(0, 40)}”. Measure again.` }
  const [, meters, sum] = match
  if (checkSum(clean.slice(0, clean.indexOf('*'))) !== sum)
    return { refused: 'The reading was garbled on its way. Measure again.' }
  const value = (Number(meters) * 100) / CM_PER_INCH
  if (value < RANGE.least || value > RANGE.most)
    return {
      refused: `${formatQuantity(inches(value))} is outside what a meter measures (${RANGE_TEXT}).`,
    }
  // To the eighth of an inch: what a meter of this kind can tell.
  return { inches: Math.round(value * 8) / 8 }
}

/** The line a meter sends for a distance. */
export function meterLine(value: number): string {
  const body = `DIST ${((value * CM_PER_INCH) / 100).toFixed(4)} m `
  return `${body}*${checkSum(body)}`
}

const checkSum = (body: string): string =>
  [...body]
    .reduce((sum, sign) => (sum + sign.charCodeAt(0)) % 256, 0)
    .toString(16)
    .toUpperCase()
    .padStart(2, '0')
