import { linkHandler } from '../../../../server/http/handler'
import { visitLink } from '../../../../server/services/takeHomes'

/** Somebody has the page before their eyes. */
export const POST = linkHandler<{ token: string }>(async ({ token }) => {
  await visitLink(token)
  return new Response(null, { status: 204 })
})
