import type { Person } from './household'

/** How a person is shown wherever they appear: two letters and one of the token colors. */
export interface PersonToken {
  id: string
  name: string
  initials: string
  /** Index into the colors of tokens. */
  color: number
}

/**
 * Tokens of a household, in its own order. Two people never share initials as long as their names can tell them
 * apart.
 */
export function tokensOf(people: readonly Pick<Person, 'id' | 'name'>[]): PersonToken[] {
  const taken = new Set<string>()
  return people.map(({ id, name }, color) => {
    const initials = initialsFor(name.trim() || '?', taken)
    taken.add(initials)
    return { id, name, initials, color }
  })
}

/** First letter and the second; when taken, first letter and a later one; at last the first letter and a number. */
function initialsFor(name: string, taken: ReadonlySet<string>): string {
  const [first, ...rest] = [...name.replace(/\s+/g, '')]
  const choices = [
    ...rest.map((letter) => first!.toUpperCase() + letter.toLowerCase()),
    ...Array.from({ length: 20 }, (_, i) => `${first!.toUpperCase()}${i + 2}`),
  ]
  if (rest.length === 0) choices.unshift(first!.toUpperCase())
  return choices.find((choice) => !taken.has(choice)) ?? first!.toUpperCase()
}
