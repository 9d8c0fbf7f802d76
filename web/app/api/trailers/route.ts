import { guarded } from '../../../server/auth/guard'
import { takeIn } from '../../../server/services/trailers'

/** A unit that is new on the lot. */
export const POST = guarded(async (request, account) => takeIn(await request.json().catch(() => null), account))
