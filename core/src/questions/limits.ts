import type { Household } from '../household/household'
import type { Answer } from './answer'
import type { Change } from './change'
import type { Limit } from './helping'

/** Each limit that is passed, raised by as much; undefined where something else says no, or one is passed by more than `most`. */
export function limitsRaised(
  limits: readonly Limit[],
  { because }: Answer,
  household: Household,
  most: (kind: string) => number | undefined,
): Change[] | undefined {
  const set: Change[] = []
  for (const reason of because) {
    const { verdict, margin } = reason
    if (verdict !== 'no') continue
    const limit = limits.find((one) => one.decides(reason))
    const far = limit && most(limit.kind)
    if (!margin || far === undefined || -margin.value > far) return undefined
    set.push(limit!.raised(household, -margin.value, -margin.value / far))
  }
  return set
}
