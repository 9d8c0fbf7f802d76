import { planDxf } from '@hitchet/core/formats/planDxf'
import { handler } from '../../../../../server/http/handler'
import { fileResponse } from '../../../../../server/services/files'
import { trailerOf } from '../../../../../server/services/trailers'

/** The plan for CAD. */
export const GET = handler<{ stock: string }>('work on the lot', async ({ params: { stock } }) => {
  const trailer = await trailerOf(stock)
  return fileResponse(`${trailer.stock}-plan`, planDxf(trailer.plan), 'dxf')
})
