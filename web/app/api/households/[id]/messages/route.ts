import { object, string } from 'yup'
import { uuidField } from '../../../../../server/http/fields'
import { handler } from '../../../../../server/http/handler'
import { sendLink } from '../../../../../server/services/messages'

const body = object({
  id: uuidField().required(),
  page: uuidField().required(),
  channel: string().oneOf(['email', 'text']).required(),
})

/** Sends a household the link to one of its pages. */
export const POST = handler<{ id: string }, { id: string; page: string; channel: 'email' | 'text' }>(
  'see families',
  ({ body: { id, page, channel }, account, params }) =>
    sendLink({ id, householdId: params.id, page, channel }, account),
  { body: body as never, most: 2_000 },
)
