import { handler } from '../../../../../../server/http/handler'
import { reasonsFor } from '../../../../../../server/services/matchRows'

/** All that a household is answered on a unit, and why it stands before the next. */
export const GET = handler<{ id: string; stock: string }>('see families', ({ params: { id, stock } }) =>
  reasonsFor(id, stock),
)
