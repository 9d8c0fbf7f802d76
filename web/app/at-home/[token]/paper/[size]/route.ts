import { measureSystem } from '../../../../../screens/measureCookie'
import { linkHandler } from '../../../../../server/http/handler'
import { paperSize } from '../../../../../server/http/paperSize'
import { paperBehindLink } from '../../../../../server/services/takeHomes'

/** The page behind a link as a PDF. */
export const GET = linkHandler<{ token: string; size: string }>(async ({ token, size }) =>
  paperBehindLink(token, paperSize(size), await measureSystem()),
)
