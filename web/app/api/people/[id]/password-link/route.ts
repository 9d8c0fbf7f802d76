import { handler } from '../../../../../server/http/handler'
import { sendPasswordLink } from '../../../../../server/services/people/people'

/** A link for somebody who has forgotten their password. */
export const POST = handler<{ id: string }>('run the office', ({ params: { id }, account }) =>
  sendPasswordLink(id, account),
)
