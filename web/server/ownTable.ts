import { readFileSync, statSync } from 'node:fs'
import { brokenLetters } from '@hitchet/core/flaws/brokenLetters'
import { flawText, type Flaw } from '@hitchet/core/flaws/flaw'

/** A table that a dealership may put in the place of the made-up one that ships. */
export interface OwnTable<T> {
  rows: T
  /** Whether it is the one that ships, made up. */
  madeUp: boolean
  /** Why the dealership’s own is not used. */
  trouble?: string
}

/** How one kind of table is called (`sites`), which setting names its file, what serves without one, how it is read. */
interface TableKind<T> {
  of: string
  setting: string
  usual: T
  parse(text: string): { rows: T; flaws: Flaw[] }
}

/** The file that the setting names is read anew when it changes, and used whole or not at all. */
export function ownTable<T>({ of, setting, usual, parse }: TableKind<T>): (path?: string) => OwnTable<T> {
  let lately: { path: string; changed: number; table: OwnTable<T> } | undefined
  const shipped: OwnTable<T> = { rows: usual, madeUp: true }
  return (path = process.env[setting]) => {
    if (!path) return shipped
    try {
      const changed = statSync(path).mtimeMs
      if (lately?.path === path && lately.changed === changed) return lately.table
      const text = readFileSync(path, 'utf8')
      const { rows, flaws } = parse(text)
      const flaw = brokenLetters(text) ?? flaws[0]
      const table: OwnTable<T> = flaw
        ? { ...shipped, trouble: `The table of ${of} is not used: ${flawText(flaw)}.` }
        : { rows, madeUp: false }
      lately = { path, changed, table }
      return table
    } catch {
      return { ...shipped, trouble: `The table of ${of} cannot be read: look at ${setting}.` }
    }
  }
}
