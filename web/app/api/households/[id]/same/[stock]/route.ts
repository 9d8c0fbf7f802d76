import { handler } from '../../../../../../server/http/handler'
import { sameAs } from '../../../../../../server/services/matchRows'

/** All others of a unit's plan, and what tells them apart from it. */
export const GET = handler<{ id: string; stock: string }>('see families', ({ params: { id, stock } }) =>
  sameAs(id, stock),
)
