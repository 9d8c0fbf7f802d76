import { readFileSync, statSync } from 'node:fs'
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
      const { rows, flaws } = parse(readFileSync(path, 'utf8'))
      const table: OwnTable<T> = flaws[0]
        ? { ...shipped, trouble: `The table of ${of} is not used: ${flawText(flaws[0])}.` }
        : { rows, madeUp: false }
      lately = { path, changed, table }
      return table
    } catch {
      return { ...shipped, trouble: `The table of ${of} cannot be read: look at ${setting}.` }
    }
  }
}
