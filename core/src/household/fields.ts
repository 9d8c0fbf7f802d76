import '../flaws/wording'
import { number, string, type NumberSchema } from 'yup'
import { formatFeet, formatQuantity } from '../quantity/format'
import { parseLength, parseMoney, parseNumber, parseWeight } from '../quantity/parse'
import { dollars, pounds } from '../quantity/quantity'

/**
 * Number fields that also read what people type. In a file (strict) a number must be a number; in the
 * interview "6'2", "188 cm" or "32k" become one before the bounds are checked, and an empty field is unknown.
 */
export const lengthField = (least: number, most: number) =>
  typed(
    parseLength,
    least,
    most,
    `a length from ${formatFeet(least)} to ${formatFeet(most)}, written 6'2, 74 or 188 cm`,
  ).meta({ about: 'in' })

export const weightField = (least: number, most: number) =>
  typed(
    parseWeight,
    least,
    most,
    `a weight from ${least} to ${formatQuantity(pounds(most))}, written 180 or 82 kg`,
  ).meta({ about: 'lb' })

export const moneyField = (least: number, most: number) => {
  const [from, to] = [dollars(least), dollars(most)].map((one) => formatQuantity(one))
  return typed(parseMoney, least, most, `an amount from ${from} to ${to}, written 31,900 or 32k`).meta({
    about: 'US dollars',
  })
}

export const ageField = (least: number, most: number) =>
  typed(parseNumber, least, most, `an age from ${least} to ${most} years`).meta({ about: 'years' })

export const countField = (least: number, most: number) => {
  const expected = `a whole number from ${least} to ${most}`
  return typed(parseNumber, least, most, expected).integer(expected)
}

/** A plain number of something: `hours a day`. */
export const numberField = (least: number, most: number, of: string) =>
  typed(parseNumber, least, most, `a number of ${of} from ${least} to ${most.toLocaleString('en-US')}`)

export const nameField = () =>
  string().trim().min(1, 'a name of 1 to 80 characters').max(80, 'a name of 1 to 80 characters')
export const idField = () =>
  string().matches(/^[a-z0-9][a-z0-9-]{0,40}$/, 'a short id of small letters, digits and dashes, such as ro')

/** A figure that must be there; when it is not, the same words say what would be right. */
export const needed = (field: NumberSchema<number | undefined>) => field.required(field.describe().label ?? '')

/** One message for all that can be wrong with a figure: what would be right. */
function typed(read: (text: string) => number, least: number, most: number, expected: string) {
  return number()
    .transform((value: unknown, typedIn: unknown) => {
      if (typeof typedIn !== 'string') return value
      if (typedIn.trim() === '') return undefined
      try {
        return read(typedIn)
      } catch {
        return Number.NaN
      }
    })
    .typeError(expected)
    .label(expected)
    .min(least, expected)
    .max(most, expected)
}
