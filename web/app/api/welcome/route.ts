import { object, string } from 'yup'
import { openHandler } from '../../../server/http/handler'
import { choosePassword } from '../../../server/services/people/people'

const body = object({ token: string().max(60).required(), password: string().max(2000).required() })

/** The password of who holds a link for one. */
export const POST = openHandler<{ token: string; password: string }>(
  ({ token, password }) => choosePassword(token, password),
  { body, most: 8_000 },
)
