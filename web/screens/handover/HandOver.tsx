import { notFound } from 'next/navigation'
import { handover } from '@hitchet/core/handover/handover'
import { houseRules } from '../../server/houseRules'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { KeepHere } from '../../offline/KeepHere'
import { trailersByStock } from '../../server/services/trailers'
import { takenWith } from '../../server/services/walkEvents'
import { keptWith, unitAddress } from '../unitAddress'
import { HandOverCards } from './HandOverCards'

/** What is gone through with the buyer at the trailer that is theirs now, ticked, and printed as their sheet. */
export async function HandOver({
  stock,
  household,
  consultant,
}: {
  stock: string
  household: { id: string; name: string }
  consultant: string
}) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const { trailer } = found
  const unit = unitAddress(stock, household.id)
  return (
    <>
      <KeepHere paths={keptWith(stock, household.id)} />
      <HandOverCards
        stock={stock}
        name={trailerName(trailer)}
        household={household}
        consultant={consultant}
        unit={unit}
        cards={handover(trailer, houseRules().nights)}
        taken={(await takenWith(household.id, stock)).map(({ event }) => event.what)}
      />
    </>
  )
}
