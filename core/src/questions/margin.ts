import { says, type Phrase } from '../quantity/phrase'
import { quantity, type Quantity } from '../quantity/quantity'
import type { Answer } from './answer'

/**
 * The figure beside a margin bar, in words: `7 in to spare`, `180 lb over`, `2 readings missing`, or `no tub`
 * where there is no figure.
 */
export function marginText({
  verdict,
  margin,
  brief,
  missing,
}: Pick<Answer, 'verdict' | 'margin' | 'brief' | 'missing'>): Phrase {
  if (verdict === 'measure')
    return missing.length === 1 ? says`1 reading missing` : says`${missing.length} readings missing`
  if (!margin) return brief ? [brief] : []
  const size = quantity(Math.abs(margin.value), margin.unit)
  if (margin.unit === 'person') return margin.value < 0 ? says`${size} without a berth` : says`${size} more would sleep`
  if (rounded(margin) === 0 && margin.value >= 0) return says`nothing to spare`
  return says`${size} ${margin.value < 0 ? (SHORT[margin.unit] ?? 'short') : 'to spare'}`
}

/** Loads, watts and prices go over a limit, things are left over; lengths and volumes fall short. */
const SHORT: Partial<Record<Quantity['unit'], string>> = { lb: 'over', W: 'over', $: 'over', piece: 'left over' }

const rounded = ({ value, unit }: Quantity): number =>
  unit === 'in' || unit === 'cu ft' ? Math.round(value * 10) / 10 : Math.round(value)
