import { OF_AGE } from './ofAge'
import { listed } from '../quantity/phrase'
import type { PersonDraft } from './draft/draft'

/** What a household is called while nobody says: `Ro and Mi`; empty while nobody has a name. */
export function calledAfter(people: readonly Pick<PersonDraft, 'name' | 'age' | 'guest'>[]): string {
  const named = people.filter(({ name }) => name.trim() !== '')
  const hosts = named.filter(({ guest }) => !guest)
  const grown = hosts.filter(({ age }) => !(Number(age) < OF_AGE))
  const after = [grown, hosts, named].find((some) => some.length > 0) ?? []
  return listed(after.map(({ name }) => name.trim())).slice(0, 80)
}
