import { frameFor } from '../../drawing/frame'
import { planText } from '../../drawing/planText'
import { PlanStrip } from '../../drawing/PlanStrip'
import { climates } from '../../server/climates'
import type { Account } from '../../server/db/accounts'
import type { KeptHousehold } from '../../server/db/households'
import { allTrailers } from '../../server/db/trailers'
import { yardLeft } from '../../server/services/matching'
import { measureSystem } from '../measureCookie'
import { Interview } from './Interview'

/** Small enough for the longest unit to stand beside the interview. Pixels per inch. */
const SCALE = 0.42

/** The interview of a household that is kept, or of a new one. */
export async function HouseholdScreen({ account, kept }: { account: Account; kept?: KeptHousehold }) {
  const trailers = await allTrailers()
  const system = await measureSystem()
  const { rows, trouble } = climates()
  const frame = frameFor(trailers.map(({ trailer }) => trailer.plan))
  const yard = trailers.map(({ id, trailer }) => ({
    id,
    stock: trailer.stock,
    drawing: (
      <PlanStrip
        plan={trailer.plan}
        time="parked"
        frame={frame}
        scale={SCALE}
        text={planText(trailer, 'parked', system)}
        detail="shape"
      />
    ),
  }))
  return (
    <Interview
      key={kept?.id ?? 'new'}
      kept={kept && { id: kept.id, version: kept.version, household: kept.household }}
      reader={{ by: account.name, on: new Date().toISOString().slice(0, 10) }}
      yard={yard}
      countries={{ known: Object.entries(rows).map(([id, { name }]) => ({ id, name })), trouble }}
      left={kept && (await yardLeft(kept.household))}
    />
  )
}
