import { removeAccount } from '../../../../server/db/accounts'
import { handler } from '../../../../server/http/handler'
import { Refused } from '../../../../server/refused'

/** Somebody leaves the house: they sign in no more. What they wrote stays. */
export const DELETE = handler<{ id: string }>('run the office', async ({ params: { id }, account }) => {
  if (id === account.id) throw new Refused('Nobody removes themselves: the house needs somebody who may.')
  if (!(await removeAccount(id))) throw new Refused('Nobody of that number.', [], 404)
})
