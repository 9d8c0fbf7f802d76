import { object, string } from 'yup'
import { currentSession } from '../../../../server/auth/session'
import { handler } from '../../../../server/http/handler'
import { changeOwnPassword } from '../../../../server/services/people/people'

const body = object({ current: string().max(1000).required(), next: string().max(2000).required() })

export const PUT = handler<object, { current: string; next: string }>(
  'look after oneself',
  async ({ body: given, account }) => changeOwnPassword(given, account, await currentSession()),
  { body, most: 8_000 },
)
