import { guarded } from '../../../../../server/auth/guard'
import { takeReading } from '../../../../../server/services/trailers'

/** One more reading on a unit. */
export const POST = guarded<{ params: Promise<{ stock: string }> }>(async (request, account, { params }) =>
  takeReading(
    (await params).stock,
    await request.json().catch(() => null),
    account,
    new Date().toISOString().slice(0, 10),
  ),
)
