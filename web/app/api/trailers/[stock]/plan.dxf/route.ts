import { planDxf } from '@hitchet/core/formats/planDxf'
import { guarded, refusal } from '../../../../../server/auth/guard'
import { trailersByStock } from '../../../../../server/db/trailers'
import { fileResponse } from '../../../../../server/services/files'

/** The plan for CAD. */
export const GET = guarded<{ params: Promise<{ stock: string }> }>(async (_request, _account, { params }) => {
  const [found] = await trailersByStock([(await params).stock])
  return found
    ? fileResponse(`${found.trailer.stock}-plan`, planDxf(found.trailer.plan), 'dxf')
    : refusal(404, 'No unit of that stock number.')
})
