import { Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { frameFor } from '../../drawing/frame'
import type { KeptHousehold } from '../../server/db/households'
import { choicesOf } from '../../server/services/walkEvents'
import { trailersById } from '../../server/services/trailers'
import { houseRules } from '../../server/houseRules'
import { yardSoFar } from '../../server/services/cards'
import { rankedYard } from '../../server/services/cache/answerCache'
import { isFigured } from '../../server/jobs/outcome'
import { comparedUnits } from '../../server/services/matching'
import { inTime, deadline } from '../../server/services/cache/deadline'
import { plansInOrder } from '../../server/services/matchRows'
import { NotFigured } from '../NotFigured'
import { StillReckoning } from '../StillReckoning'
import { Board } from './Board'
import { comparison } from './compared'

/** As many strips as one screen holds. */
const MOST = 4
const FIRST = 3

/** Two to four strips on one ruler. Without a choice in the address, the best of the three plans that Match has first. */
export async function CompareScreen({ kept: own, units }: { kept: KeptHousehold; units?: string }) {
  const { id, household } = own
  const until = deadline()
  const [{ units: yard, open, failed }, choices] = await Promise.all([rankedYard(id, until), choicesOf(id)])
  const wanted =
    units === undefined
      ? plansInOrder(yard, (stock) => choices.get(stock)?.stands)
          .slice(0, FIRST)
          .map(({ first }) => first.stock)
      : [...new Set(units.split(',').filter(Boolean))]
  const chosen = wanted.flatMap((stock) => yard.filter((one) => one.stock === stock)).slice(0, MOST)
  const unranked = wanted.filter((stock) => !yard.some((one) => one.stock === stock))
  // What is not worked out yet, or cannot be, is on the lot all the same.
  const lot = await yardSoFar()
  const there = new Set([...failed, ...lot.open, ...lot.cards.map(({ unit }) => unit.stock)])
  const missing = unranked.filter((stock) => !there.has(stock))
  const dropped = wanted.length - unranked.length - chosen.length
  const [stocked, compared] = await Promise.all([
    trailersById(chosen.map((one) => one.id)),
    inTime(until, comparedUnits(chosen, own)),
  ])
  const told = chosen.flatMap((kept) => {
    const trailer = stocked.find((one) => one.id === kept.id)?.trailer
    const seen = compared?.get(kept.id)
    return trailer && seen && isFigured(seen) ? [{ kept, trailer, ...seen }] : []
  })
  const stocks = told.map(({ trailer }) => trailer.stock).join(',')
  return (
    <>
      {(missing.length > 0 || dropped > 0) && (
        <Text role="status" pt="3" color="no">
          {missing.length > 0 && `Not on the lot: ${missing.join(', ')}. `}
          {dropped > 0 && 'Four strips are the most that one screen holds; the first four are shown.'}
        </Text>
      )}
      <NotFigured stocks={wanted.filter((stock) => failed.includes(stock))} who={household.name} />
      {(!compared || open > 0) && <StillReckoning>Still comparing these units.</StillReckoning>}
      {!compared ? null : told.length === 0 ? (
        <Text py="10">
          There is nothing to compare.{' '}
          <Link asChild color="green" fontWeight="600">
            <NextLink href={`/households/${id}/match`}>Choose two to four units in Match.</NextLink>
          </Link>
        </Text>
      ) : (
        <Board
          unitsAt={`/households/${id}/units`}
          comparison={comparison(told, household, houseRules())}
          frame={frameFor(told.map(({ trailer }) => trailer.plan))}
          who={household.name}
          takeHomeAt={`/households/${id}/after?units=${stocks}`}
          chooseAt={`/households/${id}/match?units=${stocks}`}
        />
      )}
    </>
  )
}
