import { anyDocument, handler } from '../../../server/http/handler'
import { takeIn } from '../../../server/services/trailers'

/** A unit that is new on the lot. */
export const POST = handler('work on the lot', ({ body, account }) => takeIn(body, account), { body: anyDocument })
