import { notFound } from 'next/navigation'
import { trailerName } from '@hitchet/core/trailer/trailer'
import { allTrailers, trailersByStock } from '../../server/db/trailers'
import { tapeListFor } from '../../server/services/trailers'
import { KeepHere } from '../../offline/KeepHere'
import { keptWith, unitAddress } from '../unitAddress'
import type { Model } from './model'
import { TapeBoard } from './TapeBoard'

/** The lot hand's screen for one unit: what to measure next, and the plan to draw it into. */
export async function Tape({ stock, household }: { stock: string; household?: string }) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const [list, all] = await Promise.all([tapeListFor(found), allTrailers()])
  const { box } = found.trailer.plan
  // Of like layouts the one of nearest length; another layout counts as five feet.
  const nearness = ({ layout, length }: Model): number =>
    Math.abs(length - box.length) + (layout === found.trailer.layout ? 0 : 60)
  const models = all
    .filter(({ trailer }) => trailer.stock !== stock)
    .map(({ trailer }): Model => ({
      stock: trailer.stock,
      name: trailerName(trailer),
      layout: trailer.layout,
      length: trailer.plan.box.length,
    }))
    .sort((a, b) => nearness(a) - nearness(b))
  return (
    <>
      <KeepHere paths={keptWith(stock, household)} />
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
