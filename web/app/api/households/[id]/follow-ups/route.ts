import { object, string } from 'yup'
import { dayField, uuidField } from '../../../../../server/http/fields'
import { handler } from '../../../../../server/http/handler'
import { comeBackTo } from '../../../../../server/services/afterwards'

const body = object({
  id: uuidField().required(),
  dueOn: dayField().required(),
  why: string().trim().min(1).max(200).required(),
})

/** A day on which somebody comes back to a household, and why. */
export const POST = handler<{ id: string }, { id: string; dueOn: string; why: string }>(
  'see families',
  ({ body: { id, dueOn, why }, account, params }) => comeBackTo(params.id, { id, dueOn, why }, account.id),
  { body, most: 4_000 },
)
