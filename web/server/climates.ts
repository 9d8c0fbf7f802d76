import { parseClimates } from '@hitchet/core/camping/climatesCsv'
import { USUAL_CLIMATES } from '@hitchet/core/household/climate'
import { ownTable } from './ownTable'

/** The kinds of country its buyers camp in: HITCHET_CLIMATES names a CSV file (docs/formats/climates.md). */
export const climates = ownTable({
  of: 'climates',
  setting: 'HITCHET_CLIMATES',
  usual: USUAL_CLIMATES,
  parse: (text) => {
    const { climates: rows, flaws } = parseClimates(text)
    return { rows, flaws }
  },
})
