import { withdrawTakeHome } from '../../../../server/services/takeHomes'
import { handler } from '../../../../server/http/handler'
import { Refused } from '../../../../server/refused'

/** The link to a page works no more from now on. */
export const DELETE = handler<{ id: string }>('see families', async ({ params: { id } }) => {
  if (!(await withdrawTakeHome(id))) throw new Refused('No page of that number.', [], 404)
})
