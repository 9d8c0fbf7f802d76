import { guarded, refusal } from '../../../../server/auth/guard'
import { deleteHousehold } from '../../../../server/db/households'
import { renewHousehold } from '../../../../server/services/households'

type Context = { params: Promise<{ id: string }> }

export const PUT = guarded<Context>(async (request, account, { params }) => {
  const { version, household } = ((await request.json().catch(() => null)) ?? {}) as {
    version?: unknown
    household?: unknown
  }
  return renewHousehold((await params).id, version, household, account.id)
})

export const DELETE = guarded<Context>(async (_request, _account, { params }) =>
  (await deleteHousehold((await params).id))
    ? Response.json({ ok: true })
    : refusal(404, 'No household of that number.'),
)
