import { error, type Flaw } from '../flaws/flaw'
import type { Household } from './household'

/** What the schema cannot see: ids used twice, partners that lead nowhere or do not agree. */
export function householdFlaws({ people, pets, gear }: Household): Flaw[] {
  const ids = [
    ...people.map(({ id }, i) => ({ id, path: `people[${i}].id` })),
    ...pets.map(({ id }, i) => ({ id, path: `pets[${i}].id` })),
    ...gear.map(({ id }, i) => ({ id, path: `gear[${i}].id` })),
  ]
  const twice = ids
    .filter(({ id }, i) => ids.findIndex((other) => other.id === id) < i)
    .map(({ id, path }) => error(path, id, 'an id that nothing else in this household has'))
  const known = new Map(people.map((person) => [person.id, person]))
  const partners = people.flatMap(({ id, partner }, i) => {
    if (partner === undefined) return []
    const other = known.get(partner)
    if (!other || other.id === id)
      return [error(`people[${i}].partner`, partner, 'the id of another person of this household')]
    return other.partner === id
      ? []
      : [error(`people[${i}].partner`, partner, `someone whose own partner is "${id}"; write it on both`)]
  })
  const shares = people.flatMap(({ sharesWith }, i) =>
    (sharesWith ?? []).flatMap((id, k) =>
      known.has(id) ? [] : [error(`people[${i}].sharesWith[${k}]`, id, 'the id of another person of this household')],
    ),
  )
  return [...twice, ...partners, ...shares]
}
