import { Text } from '@chakra-ui/react'
import { listed } from '@hitchet/core/quantity/phrase'

/** So many are named. */
const NAMED = 6

/** Units on which the program trips: which, and what to do about it. `who`: for whom, where they are not the unit's own trouble. */
export function NotFigured({ stocks, who }: { stocks: readonly string[]; who?: string }) {
  if (stocks.length === 0) return null
  const named = stocks.slice(0, NAMED)
  const more = stocks.length - named.length
  const units = listed([...named, ...(more ? [`${more} more`] : [])])
  return (
    <Text role="status" fontSize="14px" color="no" fontWeight="600">
      We can’t figure {units}
      {who && ` for ${who}`}: something typed on {stocks.length === 1 ? 'it' : 'them'}
      {who && ' or on the household'} trips the program. Look it over and save it again; the office shows what went
      wrong.
    </Text>
  )
}
