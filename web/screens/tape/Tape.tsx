import { notFound } from 'next/navigation'
import { trailersByStock, tapeListFor } from '../../server/services/trailers'
import { yardCards } from '../../server/services/cards'
import { KeepHere } from '../../offline/KeepHere'
import { keptWith, unitAddress } from '../unitAddress'
import { StillReckoning } from '../StillReckoning'
import type { Model } from './model'
import { TapeBoard } from './TapeBoard'

/** The lot hand's screen for one unit: what to measure next, and the plan to draw it into. */
export async function Tape({ stock, household, named }: { stock: string; household?: string; named: boolean }) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const [{ list, open }, all] = await Promise.all([tapeListFor(found, { named }), yardCards()])
  const { box } = found.trailer.plan
  // Of like layouts the one of nearest length; another layout counts as five feet.
  const nearness = ({ layout, length }: Model): number =>
    Math.abs(length - box.length) + (layout === found.trailer.layout ? 0 : 60)
  const models = all
    .filter(({ unit }) => unit.stock !== stock)
    .map(({ unit, box: length }): Model => ({ stock: unit.stock, name: unit.name, layout: unit.layout, length }))
    .sort((a, b) => nearness(a) - nearness(b))
  return (
    <>
      <KeepHere paths={keptWith(stock, household)} />
      {open > 0 && (
        <StillReckoning>
          What {open === 1 ? 'one household waits' : `${open} households wait`} for is being looked at again; until then
          the list is the one from before.
        </StillReckoning>
      )}
      <TapeBoard
        trailer={found.trailer}
        unitAt={unitAddress(stock, household)}
        version={found.version}
        list={list}
        models={models}
      />
    </>
  )
}
