import { Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import type { Household } from '@hitchet/core/household/household'
import { frameFor } from '../../drawing/frame'
import { houseRules } from '../../server/houseRules'
import { matchedYard } from '../../server/services/yard'
import { Board } from './Board'
import { comparison } from './compared'

/** Two to four strips on one ruler. Without a choice in the address, the three that match best. */
export async function CompareScreen({ id, household, units }: { id: string; household: Household; units?: string }) {
  const yard = await matchedYard(household)
  const wanted =
    units === undefined
      ? yard.slice(0, 3).map(({ trailer }) => trailer.stock)
      : [...new Set(units.split(',').filter(Boolean))]
  const chosen = wanted.flatMap((stock) => yard.filter(({ trailer }) => trailer.stock === stock)).slice(0, 4)
  const missing = wanted.filter((stock) => !yard.some(({ trailer }) => trailer.stock === stock))
  const dropped = wanted.length - missing.length - chosen.length
  return (
    <>
      {(missing.length > 0 || dropped > 0) && (
        <Text role="status" pt="3" color="no">
          {missing.length > 0 && `Not on the lot: ${missing.join(', ')}. `}
          {dropped > 0 && 'Four strips are the most that one screen holds; the first four are shown.'}
        </Text>
      )}
      {chosen.length === 0 ? (
        <Text py="10">
          There is nothing to compare.{' '}
          <Link asChild color="green" fontWeight="600">
            <NextLink href={`/households/${id}/match`}>Choose two to four units in Match.</NextLink>
          </Link>
        </Text>
      ) : (
        <Board
          unitsAt={`/households/${id}/units`}
          comparison={comparison(chosen, household, houseRules())}
          frame={frameFor(chosen.map(({ trailer }) => trailer.plan))}
          who={household.name}
          takeHomeAt={`/households/${id}/after?units=${chosen.map(({ trailer }) => trailer.stock).join(',')}`}
          chooseAt={`/households/${id}/match?units=${chosen.map(({ trailer }) => trailer.stock).join(',')}`}
        />
      )}
    </>
  )
}
