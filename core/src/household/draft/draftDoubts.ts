import { NotAFigure, parseLength, parseMoney, parseNumber, parseWeight } from '../../quantity/parse'
import type { Phrase } from '../../quantity/phrase'
import { inches, pounds } from '../../quantity/quantity'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import { oddFigure, oddReading } from '../../readings/doubt'
import type { ReadingSpec } from '../../readings/reading'
import { usualFor } from '../doubts'
import type { HouseholdDraft, PersonDraft, SureText } from './draft'
import type { SureFigure } from '../household'
import { oddOther, otherFigures, type HasOtherFigures, type OtherFigure } from '../otherFigures'
import { parseRating } from '../ratings'

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

/** The first odd figure among the others that are typed, of those whose id begins so; which, and its text. */
export function otherDoubt(
  draft: HasOtherFigures<string> & Pick<HouseholdDraft, 'sure'>,
  beginning: string,
): (SureText & { says: Phrase }) | undefined {
  for (const one of otherFigures(draft)) {
    if (!one.figure.startsWith(beginning)) continue
    const value = typedOther(one)
    if (value === undefined || isSure(draft.sure, one)) continue
    const says = oddOther(one, value)
    if (says) return { figure: one.figure, text: one.value, says }
  }
  return undefined
}

/** What was confirmed in the interview, as the document keeps it: as long as the text is the one that was questioned. */
export const sureFigures = (draft: HouseholdDraft): SureFigure[] =>
  otherFigures<string>(draft).flatMap((one) => {
    const value = typedOther(one)
    return value !== undefined && isSure(draft.sure, one) ? [{ figure: one.figure, value }] : []
  })

const isSure = (sure: readonly SureText[], { figure, value }: OtherFigure<string>): boolean =>
  sure.some((one) => one.figure === figure && one.text === value)

const typedOther = ({ unit, value }: OtherFigure<string>): number | undefined =>
  figureOf(
    unit === undefined ? parseNumber : unit === '$' ? parseMoney : unit === 'in' ? parseLength : parseWeight,
    value,
  )

function figureOf(read: (text: string) => number, text: string | undefined): number | undefined {
  try {
    return text === undefined || text.trim() === '' ? undefined : read(text)
  } catch (failure) {
    if (failure instanceof NotAFigure) return undefined
    throw failure
  }
}
