import { number, object } from 'yup'
import { anyDocument, handler } from '../../../../server/http/handler'
import { renewHousehold, takeOutHousehold } from '../../../../server/services/households'

type Params = { id: string }

const body = object({ version: number().integer().required(), household: anyDocument })
const version = object({ version: number().integer().required() })

export const PUT = handler<Params, { version: number; household: unknown }>(
  'see families',
  ({ body: { version, household }, account, params: { id } }) => renewHousehold(id, version, household, account.id),
  { body },
)

/** Takes them out with all that is kept of them; for a while it can be put back. */
export const DELETE = handler<Params, { version: number }>(
  'see families',
  ({ body: { version: own }, account, params: { id } }) => takeOutHousehold(id, own, account),
  { body: version, most: 1_000 },
)
