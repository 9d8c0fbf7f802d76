import { Box, Heading, Text } from '@chakra-ui/react'
import type { Way } from '@hitchet/core/match/bindingConstraints'
import { Said } from '../../look/measures'

/** More stock numbers than this are not told one by one. */
const MOST = 6

/** What keeps most of the yard out: each change that was tried, with the units it lets in. */
export function InTheWay({
  ways,
  stocks,
  against,
}: {
  ways: readonly Way[]
  stocks: ReadonlyMap<string, string>
  /** What the units that are out fail by, with how many. */
  against: readonly { words: string; units: number }[]
}) {
  if (ways.length === 0 && against.length === 0) return null
  if (ways.length === 0)
    return (
      <Box as="section" aria-labelledby="in-the-way" mt="4">
        <Heading as="h2" id="in-the-way" size="md">
          What stands in the way
        </Heading>
        <Text fontSize="15px">
          Nothing they could change by itself lets in another unit. The others:{' '}
          {against.map(({ words, units }) => `${units} ${words}`).join(', ')}.
        </Text>
      </Box>
    )
  return (
    <Box as="section" aria-labelledby="in-the-way" mt="4">
      <Heading as="h2" id="in-the-way" size="md">
        What stands in the way{' '}
        <Text as="span" fontWeight="400" fontSize="14px" color="line">
          each tried on the whole yard
        </Text>
      </Heading>
      <Box as="ul" listStyleType="none" fontSize="15px">
        {ways.map(({ says, units }, i) => (
          <li key={i}>
            <b className="figure">{units.length === 1 ? '1 more unit' : `${units.length} more units`}</b> if{' '}
            <Said phrase={says} />:{' '}
            <Text as="span" className="figure" color="line">
              {units
                .slice(0, MOST)
                .map((id) => stocks.get(id) ?? id)
                .join(', ')}
              {units.length > MOST && ` and ${units.length - MOST} more`}
            </Text>
          </li>
        ))}
      </Box>
    </Box>
  )
}
