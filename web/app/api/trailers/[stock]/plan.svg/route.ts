import { planSvg } from '../../../../../drawing/planSvg'
import { handler } from '../../../../../server/http/handler'
import { fileResponse } from '../../../../../server/services/files'
import { trailerOf } from '../../../../../server/services/trailers'

/** The plan as a drawing to scale. */
export const GET = handler<{ stock: string }>('work on the lot', async ({ params: { stock } }) => {
  const trailer = await trailerOf(stock)
  const { renderToStaticMarkup } = await import('react-dom/server')
  return fileResponse(`${trailer.stock}-plan`, planSvg(trailer, renderToStaticMarkup), 'svg')
})
