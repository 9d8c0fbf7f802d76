import { BERTH_KINDS } from '../readings/catalogue'
import { ofGeometry } from './geometry'
import { overlapDepth } from './overlap'
import type { Conversion, Plan } from './plan'

/** Most sets of conversions that are looked at one by one. */
const MOST_NIGHTS = 16

/**
 * Every set of conversions that can be made together, the empty one first; of very many only the smaller sets,
 * which are found first.
 */
export function nightsOf(plan: Plan): string[][] {
  const { conversions } = plan
  const apart = new Map(conversions.map(({ id }) => [id, apartFrom(plan, id)]))
  const excluded = (a: Plan['conversions'][number], b: Plan['conversions'][number]) => apart.get(a.id)!.includes(b.id)
  const sets: number[][] = [[]]
  // Each set is continued by later conversions only, so that none is found twice.
  for (let at = 0; at < sets.length && sets.length < MOST_NIGHTS; at++) {
    const set = sets[at]!
    for (let next = (set.at(-1) ?? -1) + 1; next < conversions.length && sets.length < MOST_NIGHTS; next++) {
      if (!set.some((one) => excluded(conversions[one]!, conversions[next]!))) sets.push([...set, next])
    }
  }
  return sets.map((set) => set.map((one) => conversions[one]!.id))
}

/** Two made-up beds may touch by this much, inches: cushions give. */
const CUSHION = 2

/**
 * The conversions that cannot be made while this one is, by id: as the file says, and whether it says so or
 * not where both are made of the same thing, one takes away what the other is made of, or the beds would lie in
 * one another.
 */
export function apartFrom(plan: Plan, id: string): string[] {
  return pairsApart(plan).flatMap(({ pair }) => (pair[0] === id ? [pair[1]] : pair[1] === id ? [pair[0]] : []))
}

/** Each two conversions that cannot be made together; `unsaid`: the file does not say so, and this is why. */
export function pairsApart(plan: Plan): { pair: [string, string]; unsaid?: string }[] {
  return ofGeometry(plan, ['pairs apart'], () =>
    plan.conversions.flatMap((a, i) =>
      plan.conversions.slice(i + 1).flatMap((b): { pair: [string, string]; unsaid?: string }[] => {
        const pair: [string, string] = [a.id, b.id]
        if (a.excludes.includes(b.id) || b.excludes.includes(a.id)) return [{ pair }]
        const unsaid = clash(plan, a, b)
        return unsaid ? [{ pair, unsaid }] : []
      }),
    ),
  )
}

function clash(plan: Plan, a: Conversion, b: Conversion): string | undefined {
  const both = a.uses.find((id) => b.uses.includes(id))
  if (both) return `both are made of "${both}"`
  const taken = a.takes.find((id) => b.uses.includes(id)) ?? b.takes.find((id) => a.uses.includes(id))
  if (taken) return `one takes away "${taken}", of which the other is made`
  const bedsOf = ({ id }: Conversion) => plan.berths.filter(({ conversion }) => conversion === id)
  for (const one of bedsOf(a))
    for (const other of bedsOf(b)) {
      const [low, high] = [BERTH_KINDS[one.kind].band, BERTH_KINDS[other.kind].band]
      if (low[0] < high[1] && high[0] < low[1] && overlapDepth(one.shape, other.shape) > CUSHION)
        return `"${one.id}" and "${other.id}" would lie in one another`
    }
  return undefined
}
