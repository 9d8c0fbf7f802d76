import { documentText } from '@hitchet/core/formats/document'
import { guarded, refusal } from '../../../../server/auth/guard'
import { trailersByStock } from '../../../../server/db/trailers'
import { fileResponse } from '../../../../server/services/files'

/** A unit as `trailer.json`. */
export const GET = guarded<{ params: Promise<{ stock: string }> }>(async (_request, _account, { params }) => {
  const [found] = await trailersByStock([(await params).stock])
  return found ? fileResponse(found.trailer.stock, documentText(found.trailer)) : refusal(404, 'No unit of that stock number.')
})
