import { number, object } from 'yup'
import { anyDocument, handler } from '../../../../../server/http/handler'
import { noteContact } from '../../../../../server/services/afterwards'

const body = object({ version: number().integer().min(0).required(), contact: anyDocument })

/** How a household is reached, over the version that was read. */
export const PUT = handler<{ id: string }, { version: number; contact: unknown }>(
  'see families',
  ({ body: { version, contact }, account, params: { id } }) => noteContact(id, version, contact, account.id),
  { body, most: 4_000 },
)
