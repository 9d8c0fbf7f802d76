import { parseParks } from '@hitchet/core/parks/parksCsv'
import { USUAL_SITES, type Site } from '@hitchet/core/parks/site'
import { ownTable, type OwnTable } from './ownTable'

/** The sites round here: the dealership’s own table, or the made-up one that ships. */
export type Parks = OwnTable<readonly Site[]>

/** HITCHET_PARKS names a CSV file (docs/formats/parks.md). */
export const parks = ownTable<readonly Site[]>({
  of: 'sites',
  setting: 'HITCHET_PARKS',
  usual: USUAL_SITES,
  parse: (text) => {
    const { sites: rows, flaws } = parseParks(text)
    return { rows, flaws }
  },
})
