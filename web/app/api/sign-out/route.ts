import { signOut } from '../../../server/auth/session'
import { handler } from '../../../server/http/handler'

/** With the session goes what this device kept: pages, drafts, notes that were sent. */
export const POST = handler(async () => {
  await signOut()
  return Response.json({ ok: true }, { headers: { 'clear-site-data': '"storage"' } })
})
