import { object, string } from 'yup'
import { ROLES, type Role } from '../../../../contracts/roles'
import { handler } from '../../../../server/http/handler'
import { giveRole, remove } from '../../../../server/services/people/people'

const body = object({ role: string().oneOf(ROLES).required() })

/** Another role from now on. */
export const PUT = handler<{ id: string }, { role: Role }>(
  'run the office',
  ({ params: { id }, body: { role }, account }) => giveRole(id, role, account),
  { body, most: 1_000 },
)

/** Somebody leaves the house: they sign in no more. What they wrote stays. */
export const DELETE = handler<{ id: string }>('run the office', ({ params: { id }, account }) => remove(id, account))
