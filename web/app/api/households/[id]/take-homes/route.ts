import { array, number, object, string } from 'yup'
import { uuidField } from '../../../../../server/http/fields'
import { handler } from '../../../../../server/http/handler'
import { handOut, LASTS, MOST_UNITS } from '../../../../../server/services/takeHomes'

const body = object({
  id: uuidField().required(),
  stocks: array(string().min(1).max(20).required()).min(1).max(MOST_UNITS).required(),
  days: number().integer().min(LASTS.least).max(LASTS.most).required(),
})

/** Makes the page that a household takes home of some units, and the link to it. */
export const POST = handler<{ id: string }, { id: string; stocks: string[]; days: number }>(
  'see families',
  ({ body: { id, stocks, days }, account, params }) => handOut({ id, householdId: params.id, stocks, days }, account),
  { body, most: 2_000 },
)
