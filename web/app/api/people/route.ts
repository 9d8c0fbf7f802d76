import { object, string } from 'yup'
import { ROLES, type Role } from '../../../contracts/roles'
import { handler } from '../../../server/http/handler'
import { invite } from '../../../server/services/people/people'

const body = object({
  name: string().trim().min(1).max(80).required(),
  email: string().trim().max(190).email('an email address').required(),
  role: string().oneOf(ROLES).required(),
})

/** Somebody new of the house, with a link in the outbox by which they choose their password. */
export const POST = handler<object, { name: string; email: string; role: Role }>(
  'run the office',
  ({ body: given, account }) => invite(given, account),
  { body, most: 2_000 },
)
