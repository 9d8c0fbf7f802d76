import { measureSystem } from '../../../../../../screens/measureCookie'
import { handler } from '../../../../../../server/http/handler'
import { paperSize } from '../../../../../../server/http/paperSize'
import { paperOf } from '../../../../../../server/services/takeHomes'

/** A page as a PDF: `letter` or `a4`. */
export const GET = handler<{ id: string; size: string }>('see families', async ({ params: { id, size } }) =>
  paperOf(id, paperSize(size), await measureSystem()),
)
