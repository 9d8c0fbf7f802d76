import { PLACES, type Feature } from '../features/feature'
import { says, type Phrase } from '../quantity/phrase'
import { quantity } from '../quantity/quantity'
import { best, contradicting, type Reading, type ReadingSpec, type Source } from '../readings/reading'
import { thingsOf } from '../trailer/things'
import type { Trailer } from '../trailer/trailer'

/** All readings of one thing, or of what is seen in one place. */
export interface AppendixGroup {
  of: string
  rows: AppendixRow[]
}

export interface AppendixRow {
  label: string
  value: Phrase
  source: Source
  /** ISO date. */
  on?: string
  /** What another source says. */
  against: Phrase[]
}

/** Every reading there is, thing by thing, each with where it comes from. What nobody read is not in it. */
export function appendixOf(trailer: Trailer): AppendixGroup[] {
  const groups = new Map<string, AppendixRow[]>()
  for (const { path, id, name, specs, readings } of thingsOf(trailer)) {
    for (const [key, spec] of Object.entries(specs)) {
      const one = best(readings?.[key])
      if (!one) continue
      // What is told of it stands by the place where one sees it; two things of one name are two groups.
      const of = path === 'features' ? PLACES[(spec as Feature).place] : name
      const group = path === 'features' ? of : `${of} ${id ?? ''}`
      if (!groups.has(group)) groups.set(group, [])
      groups.get(group)!.push({
        label: spec.label,
        value: valueOf(one, spec),
        source: one.source,
        ...(one.on && { on: one.on }),
        against: contradicting(readings?.[key]).map((other) => valueOf(other, spec)),
      })
    }
  }
  const names = new Map(thingsOf(trailer).map(({ id, name }) => [`${name} ${id ?? ''}`, name]))
  return [...groups].map(([group, rows]) => ({ of: names.get(group) ?? group, rows }))
}

function valueOf({ value }: Reading, { unit }: ReadingSpec): Phrase {
  if (typeof value === 'boolean') return [value ? 'yes' : 'no']
  if (typeof value === 'string') return [value]
  return unit ? [quantity(value, unit)] : says`${value}`
}
