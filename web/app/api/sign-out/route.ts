import { guarded } from '../../../server/auth/guard'
import { signOut } from '../../../server/auth/session'

export const POST = guarded(async () => {
  await signOut()
  return Response.json({ ok: true })
})
