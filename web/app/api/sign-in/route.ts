import { refusal, sameOrigin } from '../../../server/auth/guard'
import { signIn } from '../../../server/auth/session'
import { checkSignIn } from '../../../server/services/signIn'

export async function POST(request: Request): Promise<Response> {
  if (!sameOrigin(request)) return refusal(403, 'This request came from another site.')
  const { email, password } = (await request.json().catch(() => ({}))) as { email?: unknown; password?: unknown }
  if (typeof email !== 'string' || typeof password !== 'string') return refusal(400, 'Send an email and a password.')
  const result = await checkSignIn(email, password)
  if (!result.account) return refusal(401, result.says)
  await signIn(result.account)
  return Response.json({ ok: true })
}
