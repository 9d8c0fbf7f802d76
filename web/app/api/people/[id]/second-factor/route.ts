import { handler } from '../../../../../server/http/handler'
import { dropSecondFactor } from '../../../../../server/services/people/people'

/** For who has lost their phone: they come in by their password, and set it up anew. */
export const DELETE = handler<{ id: string }>('run the office', ({ params: { id }, account }) =>
  dropSecondFactor(id, account),
)
