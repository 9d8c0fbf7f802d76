import { planSvg } from '../../../../../drawing/planSvg'
import { guarded, refusal } from '../../../../../server/auth/guard'
import { trailersByStock } from '../../../../../server/db/trailers'
import { fileResponse } from '../../../../../server/services/files'

/** The plan as a drawing to scale. */
export const GET = guarded<{ params: Promise<{ stock: string }> }>(async (_request, _account, { params }) => {
  const [found] = await trailersByStock([(await params).stock])
  if (!found) return refusal(404, 'No unit of that stock number.')
  const { renderToStaticMarkup } = await import('react-dom/server')
  return fileResponse(`${found.trailer.stock}-plan`, planSvg(found.trailer, renderToStaticMarkup), 'svg')
})
