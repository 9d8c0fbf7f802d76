import { says, type Phrase } from '../quantity/phrase'
import { quantity, type Quantity } from '../quantity/quantity'
import type { Answer } from './answer'
import { ease, type Margin } from './reason'

/**
 * The figure beside a margin bar, in words: `7 in to spare`, `180 lb over`, `2 to measure`, or `no tub`
 * where there is no figure.
 */
export function marginText({
  verdict,
  margin,
  brief,
  missing,
}: Pick<Answer, 'verdict' | 'margin' | 'brief' | 'missing'>): Phrase {
  if (verdict === 'measure') return openText(missing)
  if (!margin) return brief ? [brief] : []
  if (verdict === 'tight' && margin.value < 0 && brief) return [brief]
  const size = quantity(Math.abs(margin.value), margin.unit)
  if (margin.unit === 'person') return margin.value < 0 ? says`${size} without a berth` : says`${size} more would sleep`
  if (rounded(margin) === 0 && margin.value >= 0) return says`nothing to spare`
  return says`${size} ${margin.value < 0 ? (SHORT[margin.unit] ?? 'short') : 'to spare'}`
}

/** Whether a reading is one of the household's own, to be asked, and not one of the unit. */
export const isTheirs = (key: string): boolean => key.startsWith('household.')

/** What is missing of people is asked, what is missing of the unit is measured: how many of each. */
function openText(missing: readonly string[]): Phrase {
  const ask = missing.filter(isTheirs).length
  const measure = missing.length - ask
  if (ask && measure) return says`${ask} to ask, ${measure} to measure`
  return ask ? says`${ask} to ask` : says`${measure} to measure`
}

/**
 * What is known of an answer that is open: of its points that fit or are tight the one with the least to spare. Undefined
 * where nothing is, and where a point that is still open may leave less: then that one governs. A limit of the vehicle that was
 * never read mostly does: what is to spare of the others says nothing then.
 */
export function knownMargin({
  verdict,
  because,
  missing,
}: Pick<Answer, 'verdict' | 'because' | 'missing'>): Margin | undefined {
  if (verdict !== 'measure' || missing.some((key) => key.startsWith('household.vehicle.'))) return undefined
  const least = because.filter(({ margin }) => margin).sort((a, b) => ease(a.margin!) - ease(b.margin!))[0]
  return least?.verdict === 'fits' || least?.verdict === 'tight' ? least.margin : undefined
}

/** Loads, watts and prices go over a limit, things are left over; lengths and volumes fall short. */
const SHORT: Partial<Record<Quantity['unit'], string>> = { lb: 'over', W: 'over', $: 'over', piece: 'left over' }

const rounded = ({ value, unit }: Quantity): number =>
  unit === 'in' || unit === 'cu ft' ? Math.round(value * 10) / 10 : Math.round(value)
