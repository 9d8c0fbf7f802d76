import { handler } from '../../../../../../server/http/handler'
import { restsFor } from '../../../../../../server/services/matching'

/** The figures that each of a household's answers on a unit rests on. */
export const GET = handler<{ id: string; stock: string }>('see families', ({ params: { id, stock } }) =>
  restsFor(stock, id),
)
