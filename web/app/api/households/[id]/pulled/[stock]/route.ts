import { handler } from '../../../../../../server/http/handler'
import { pulledFor } from '../../../../../../server/services/matching'

/** Other units of the lot that a household can pull, for when they cannot pull this one. */
export const GET = handler<{ id: string; stock: string }>('see families', ({ params: { id, stock } }) =>
  pulledFor(stock, id),
)
