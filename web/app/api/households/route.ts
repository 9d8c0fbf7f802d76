import { object } from 'yup'
import { uuidField } from '../../../server/http/fields'
import { anyDocument, handler } from '../../../server/http/handler'
import { startHousehold } from '../../../server/services/households'

const body = object({ id: uuidField().required(), household: anyDocument })

/** A new household under the id that its page chose: sent twice, it is there once. */
export const POST = handler<object, { id: string; household: unknown }>(
  'see families',
  ({ body: { id, household }, account }) => startHousehold(id, household, account.id),
  { body },
)
