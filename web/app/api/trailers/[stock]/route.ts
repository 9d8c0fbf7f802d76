import { documentText } from '@hitchet/core/formats/document'
import { guarded, refusal } from '../../../../server/auth/guard'
import { trailersByStock } from '../../../../server/db/trailers'
import { fileResponse } from '../../../../server/services/files'
import { renewTrailer } from '../../../../server/services/trailers'

type Context = { params: Promise<{ stock: string }> }

/** A unit as `trailer.json`. */
export const GET = guarded<Context>(async (_request, _account, { params }) => {
  const [found] = await trailersByStock([(await params).stock])
  return found
    ? fileResponse(found.trailer.stock, documentText(found.trailer))
    : refusal(404, 'No unit of that stock number.')
})

export const PUT = guarded<Context>(async (request, account, { params }) => {
  const { version, trailer } = ((await request.json().catch(() => null)) ?? {}) as {
    version?: unknown
    trailer?: unknown
  }
  return renewTrailer((await params).stock, version, trailer, account)
})
