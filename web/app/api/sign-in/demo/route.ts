import { refusal, sameOrigin } from '../../../../server/auth/guard'
import { signIn } from '../../../../server/auth/session'
import { accountByEmail } from '../../../../server/db/accounts'
import { DEMO_PEOPLE } from '../../../../server/demoPeople'
import { settings } from '../../../../server/settings'

/** One click for the made-up people; outside of demo mode this door does not exist. */
export async function POST(request: Request): Promise<Response> {
  if (!settings().demo) return refusal(404, 'There is nothing here.')
  if (!sameOrigin(request)) return refusal(403, 'This request came from another site.')
  const { email } = (await request.json().catch(() => ({}))) as { email?: unknown }
  const person = DEMO_PEOPLE.find((one) => one.email === email)
  const found = person && (await accountByEmail(person.email))
  if (!found) return refusal(404, 'Nobody of that name is in the demo.')
  await signIn(found.account)
  return Response.json({ ok: true })
}
