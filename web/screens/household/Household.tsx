import { frameOf } from '../../drawing/frame'
import { climates } from '../../server/climates'
import type { Account } from '../../server/db/people/accounts'
import type { KeptHousehold } from '../../server/db/households'
import { yardCards } from '../../server/services/cards'
import { besideKept, besideNobody } from '../../server/services/yardBeside'
import { today } from '../../server/today'
import { Interview } from './Interview'

/** The interview of a household that is kept, or of a new one. */
export async function HouseholdScreen({ account, kept }: { account: Account; kept?: KeptHousehold }) {
  const [cards, nobody, left] = await Promise.all([yardCards(), besideNobody(), kept && besideKept(kept)])
  const { rows, trouble } = climates()
  return (
    <Interview
      key={kept?.id ?? 'new'}
      kept={kept && { id: kept.id, version: kept.version, household: kept.household }}
      reader={{ by: account.name, on: today() }}
      yard={nobody}
      frame={frameOf(cards.map(({ extent }) => extent))}
      countries={{ known: Object.entries(rows).map(([id, { name }]) => ({ id, name })), trouble }}
      left={left}
    />
  )
}
