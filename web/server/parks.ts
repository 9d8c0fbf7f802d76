import { readFileSync, statSync } from 'node:fs'
import { flawText } from '@hitchet/core/flaws/flaw'
import { parseParks } from '@hitchet/core/parks/parksCsv'
import { USUAL_SITES, type Site } from '@hitchet/core/parks/site'

/** The sites round here: the dealership’s own table, or the made-up one that ships. */
export interface Parks {
  sites: readonly Site[]
  /** Whether the table is the one that ships, made up. */
  madeUp: boolean
  /** Why the dealership’s own is not used. */
  trouble?: string
}

let lately: { path: string; changed: number; parks: Parks } | undefined

/** HITCHET_PARKS names a CSV file (docs/formats/parks.md); read anew when it changes, used whole or not at all. */
export function parks(path: string | undefined = process.env.HITCHET_PARKS): Parks {
  if (!path) return { sites: USUAL_SITES, madeUp: true }
  try {
    const changed = statSync(path).mtimeMs
    if (lately?.path === path && lately.changed === changed) return lately.parks
    const { sites, flaws } = parseParks(readFileSync(path, 'utf8'))
    const read: Parks = flaws[0]
      ? { sites: USUAL_SITES, madeUp: true, trouble: `The table of sites is not used: ${flawText(flaws[0])}.` }
      : { sites, madeUp: false }
    lately = { path, changed, parks: read }
    return read
  } catch {
    return { sites: USUAL_SITES, madeUp: true, trouble: 'The table of sites cannot be read: look at HITCHET_PARKS.' }
  }
}
