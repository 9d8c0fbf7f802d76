import { guarded } from '../../../server/auth/guard'
import { startHousehold } from '../../../server/services/households'

export const POST = guarded(async (request, account) =>
  startHousehold(await request.json().catch(() => undefined), account.id),
)
