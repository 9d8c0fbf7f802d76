import { mustSeeFamilies } from '../../../server/auth/access'
import { handler } from '../../../server/http/handler'
import { YARD_ORDERS, yardPage, type YardOrder } from '../../../server/services/yardList'

/** Letters that anybody types into a search. */
const MOST = 200

/** A page of the yard: `q` what is looked for, `order`, `from` which row on, `household` whose it is. */
export const GET = handler('work on the lot', ({ query, account }) => {
  const household = query.get('household') ?? undefined
  if (household !== undefined) mustSeeFamilies(account)
  const order = query.get('order') ?? 'order'
  const from = Number(query.get('from') ?? 0)
  return yardPage({
    text: (query.get('q') ?? '').slice(0, MOST),
    order: YARD_ORDERS.includes(order as YardOrder) ? (order as YardOrder) : 'order',
    from: Number.isInteger(from) && from > 0 ? from : 0,
    household,
  })
})
