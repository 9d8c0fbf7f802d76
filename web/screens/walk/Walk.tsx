import { notFound } from 'next/navigation'
import type { Household } from '@hitchet/core/household/household'
import { showing } from '@hitchet/core/match/showing'
import { stationsOf } from '@hitchet/core/walk/stations'
import { takenWith } from '../../server/services/walkEvents'
import type { KeptHousehold } from '../../server/db/households'
import { trailersByStock, tapeListFor } from '../../server/services/trailers'
import { isFigured } from '../../server/jobs/outcome'
import { comparedUnits } from '../../server/services/matching'
import { inTime, deadline } from '../../server/services/cache/deadline'
import { KeepHere } from '../../offline/KeepHere'
import { keptWith, unitAddress } from '../unitAddress'
import { NotFigured } from '../NotFigured'
import { StillReckoning } from '../StillReckoning'
import { WalkBoard } from './WalkBoard'

/**
 * A unit along its walk, station by station: what is to be noted, read or measured there; with a household open, first what
 * to show them and to say.
 */
export async function Walk({
  stock,
  open,
  named,
}: {
  stock: string
  open?: KeptHousehold
  /** Whether whoever looks may hear of families by name. */
  named: boolean
}) {
  const [found] = await trailersByStock([stock])
  if (!found) notFound()
  const { trailer } = found
  const { list, open: old } = await tapeListFor(found, { named })
  const waits = list.flatMap(({ key, households }) => (households.length ? [{ key, households }] : []))
  const seen = open && (await inTime(deadline(), comparedUnits([found], open)))
  const figured = seen?.get(found.id)
  const answers = figured && isFigured(figured) ? figured.answers : undefined
  const taken = open ? (await takenWith(open.id, stock)).map(({ event }) => event.what) : []
  const shown = answers && showing(trailer, stationsOf(trailer), answers)
  return (
    <>
      <KeepHere paths={keptWith(stock, open?.id)} />
      {old > 0 && (
        <StillReckoning waits>
          What {old === 1 ? 'one household waits' : `${old} households wait`} for is being looked at again; until then
          the list is the one from before.
        </StillReckoning>
      )}
      {open && figured && !answers && <NotFigured stocks={[stock]} who={open.household.name} />}
      {open && !figured && <StillReckoning waits>Still figuring what to show {open.household.name}.</StillReckoning>}
      <WalkBoard
        trailer={trailer}
        waits={waits}
        at={unitAddress(stock, open?.id)}
        showing={
          open &&
          shown && { household: open.id, shown: Object.fromEntries(shown), taken, people: tallestFirst(open.household) }
        }
      />
    </>
  )
}

const tallestFirst = ({ people }: Household) =>
  people
    .flatMap(({ name, height }) => (height === undefined ? [] : [{ name, height }]))
    .sort((a, b) => b.height - a.height)
