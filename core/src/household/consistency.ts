import { error, warning, type Flaw } from '../flaws/flaw'
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
  const nobody = (list: 'sharesWith' | 'neverBeside') =>
    people.flatMap((person, i) =>
      (person[list] ?? []).flatMap((id, k) =>
        known.has(id) && id !== person.id
          ? []
          : [error(`people[${i}].${list}[${k}]`, id, 'the id of another person of this household')],
      ),
    )
  const oneSided = people.flatMap(({ id, sharesWith = [] }, i) =>
    sharesWith.flatMap((with_, k) => {
      const other = known.get(with_)
      return !other || other.id === id || other.sharesWith?.includes(id)
        ? []
        : [
            warning(
              `people[${i}].sharesWith[${k}]`,
              with_,
              `someone who shares with "${id}" too; ask both, write it on both`,
            ),
          ]
    }),
  )
  const torn = people.flatMap(({ partner, sharesWith = [], neverBeside = [] }, i) =>
    neverBeside.flatMap((id, k) =>
      id === partner || sharesWith.includes(id)
        ? [error(`people[${i}].neverBeside[${k}]`, id, 'someone they are not said to share a bed with')]
        : [],
    ),
  )
  return [...twice, ...partners, ...nobody('sharesWith'), ...nobody('neverBeside'), ...torn, ...oneSided]
}
