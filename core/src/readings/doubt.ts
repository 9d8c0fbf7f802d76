import { says, type Phrase } from '../quantity/phrase'
import { quantity } from '../quantity/quantity'
import type { Reading, ReadingSpec } from './reading'

/** A figure that can be, and is odd: nothing rests on it until somebody says that it is so. */
export interface Doubt {
  /** As in what answers miss: `plan.berths.upper.mattressLength`, `household.people.ro.height`. */
  key: string
  says: Phrase
}

/**
 * Why a reading is doubted, as a question: `Mattress length 800 in: usual is 40 in to 90 in. 80 in?` Undefined
 * when it is usual, or was confirmed.
 */
export function oddReading(spec: ReadingSpec, { value, confirmed }: Reading): Phrase | undefined {
  if (confirmed || typeof value !== 'number' || !spec.usual) return undefined
  return oddFigure(spec.label, value, spec.usual, (figure) => (spec.unit ? quantity(figure, spec.unit) : figure))
}

export function oddFigure(
  label: string,
  value: number,
  [least, most]: readonly [number, number],
  figure: (value: number) => ReturnType<typeof quantity> | number,
): Phrase | undefined {
  if (value >= least && value <= most) return undefined
  const slip = SLIPS.map((factor) => value * factor).find((one) => one >= least && one <= most)
  const rather = slip === undefined ? '' : says` ${figure(rounded(slip))}?`
  return says`${label} ${figure(value)}: usual is ${figure(least)} to ${figure(most)}.${rather}`
}

/** A digit too many or too few, feet for inches or inches for feet, kilograms, centimeters, a word's thousand. */
const SLIPS = [1 / 10, 10, 12, 1 / 12, 2.2046, 1 / 2.2046, 1 / 2.54, 1 / 25.4, 2.54, 1 / 100, 100, 1000, 1 / 1000]

const rounded = (value: number): number => (value < 10 ? Math.round(value * 10) / 10 : Math.round(value))
