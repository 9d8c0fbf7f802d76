import '../flaws/wording'
import { array, boolean, mixed, number, object, string, type Schema } from 'yup'
import type { Unit } from '../quantity/quantity'
import { SOURCES, type Readings, type ReadingSpec, type ReadingSpecs } from './reading'

/** Nobody reads one label so often. */
const MOST_READINGS = 500

/** The schema of the readings of one kind of thing: only its keys, each with values of its own kind. */
export function readingsSchema(specs: ReadingSpecs): Schema<Readings | undefined> {
  const fields = Object.fromEntries(
    Object.entries(specs).map(([key, spec]) => [
      key,
      array(readingSchema(spec)).min(1).max(MOST_READINGS, `at most ${MOST_READINGS} of them`),
    ]),
  )
  return object(fields).noUnknown().default(undefined) as unknown as Schema<Readings | undefined>
}

function readingSchema(spec: ReadingSpec): Schema {
  return object({
    value: valueSchema(spec),
    source: string().oneOf(SOURCES).required(),
    on: string().matches(/^\d{4}-\d{2}-\d{2}$/, 'a date such as 2026-10-03'),
    by: string().min(1).max(80),
    confirmed: boolean(),
  })
    .noUnknown()
    .meta({ about: spec.label })
}

function valueSchema(spec: ReadingSpec): Schema {
  const expected = expectedValue(spec)
  if (spec.kind === 'number') {
    const [least, most] = spec.can ?? [0, 10_000_000]
    const bounded = number().typeError(expected).min(least, expected).max(most, expected).required(expected)
    return spec.whole ? bounded.integer(expected) : bounded
  }
  if (spec.kind === 'choice') return string().typeError(expected).oneOf(spec.choices!, expected).required(expected)
  if (spec.kind === 'text') return string().typeError(expected).min(1, expected).max(200, expected).required(expected)
  return mixed<boolean>().oneOf([true, false], expected).required(expected)
}

const UNIT_WORDS: Partial<Record<Unit, string>> = { $: 'dollars', in: 'inches', lb: 'pounds' }

const grouped = (value: number): string => value.toLocaleString('en-US')

/** What would be right, in words: `a number in inches, from 5 to 1,000`. */
function expectedValue(spec: ReadingSpec): string {
  if (spec.kind === 'choice') return `one of ${spec.choices!.join(', ')}`
  if (spec.kind === 'yes-no') return 'true or false'
  if (spec.kind === 'text') return 'a text of 1 to 200 characters'
  const unit = spec.unit ? ` in ${UNIT_WORDS[spec.unit] ?? spec.unit}` : ''
  const range = spec.can ? `from ${grouped(spec.can[0])} to ${grouped(spec.can[1])}` : '0 or more'
  return `a ${spec.whole ? 'whole number' : 'number'}${unit}, ${range}`
}
