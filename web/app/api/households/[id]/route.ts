import { number, object } from 'yup'
import { deleteHousehold } from '../../../../server/db/households'
import { anyDocument, handler } from '../../../../server/http/handler'
import { Refused } from '../../../../server/refused'
import { renewHousehold } from '../../../../server/services/households'

type Params = { id: string }

const body = object({ version: number().integer().required(), household: anyDocument })

export const PUT = handler<Params, { version: number; household: unknown }>(
  ({ body: { version, household }, account, params: { id } }) => renewHousehold(id, version, household, account.id),
  { body },
)

export const DELETE = handler<Params>(async ({ params: { id } }) => {
  if (!(await deleteHousehold(id))) throw new Refused('No household of that number.', [], 404)
})
