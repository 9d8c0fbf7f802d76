import { boolean, object } from 'yup'
import { setDone } from '../../../../server/services/afterwards'
import { handler } from '../../../../server/http/handler'
import { Refused } from '../../../../server/refused'

const body = object({ done: boolean().required() })

/** A follow-up was done, or was not after all. */
export const PUT = handler<{ id: string }, { done: boolean }>(
  'see families',
  async ({ body: { done }, account, params: { id } }) => {
    if (!(await setDone(id, done, account.id))) throw new Refused('No follow-up of that number.', [], 404)
  },
  { body, most: 1_000 },
)
