import { NotAFigure, parseLength, parseNumber, parseWeight } from '../quantity/parse'
import type { Phrase } from '../quantity/phrase'
import { inches, pounds } from '../quantity/quantity'
import { VEHICLE_READS, type VehicleKey } from '../readings/catalogue'
import { oddFigure, oddReading } from '../readings/doubt'
import type { ReadingSpec } from '../readings/reading'
import { usualFor } from './doubts'
import type { HouseholdDraft, PersonDraft } from './draft'
import { parseRating } from './fromDraft'

/**
 * What is odd about a person's height or weight as it is typed; undefined when nothing is, or it was confirmed. For
 * a moment after a line is added or taken out a form knows nothing of it: then nothing is odd.
 */
export function personDoubt({
  age,
  sex,
  height,
  weight,
  sure,
}: Partial<Pick<PersonDraft, 'age' | 'sex' | 'height' | 'weight' | 'sure'>>):
  { measure: 'height' | 'weight'; says: Phrase } | undefined {
  const years = figureOf(parseNumber, age)
  if (years === undefined) return undefined
  for (const measure of ['height', 'weight'] as const) {
    const text = measure === 'height' ? height : weight
    const value = figureOf(measure === 'height' ? parseLength : parseWeight, text)
    if (value === undefined || sure?.[measure] === text) continue
    const usual = usualFor({ age: years, sex: sex || undefined }, measure)
    const label = measure === 'height' ? 'Height' : 'Weight'
    const says = oddFigure(label, value, usual, measure === 'height' ? inches : pounds)
    if (says) return { measure, says }
  }
  return undefined
}

/** The same of a rating of the tow vehicle. */
export function ratingDoubt(
  key: VehicleKey,
  rating: HouseholdDraft['vehicle']['ratings'][VehicleKey],
): Phrase | undefined {
  const spec: ReadingSpec = VEHICLE_READS[key]
  const value = figureOf(parseRating(key), rating.value)
  if (value === undefined || rating.confirmed === rating.value) return undefined
  return oddReading(spec, { value, source: rating.source })
}

function figureOf(read: (text: string) => number, text: string | undefined): number | undefined {
  try {
    return text === undefined || text.trim() === '' ? undefined : read(text)
  } catch (failure) {
    if (failure instanceof NotAFigure) return undefined
    throw failure
  }
}
