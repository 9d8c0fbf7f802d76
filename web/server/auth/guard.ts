import type { Account } from '../db/accounts'
import { currentAccount } from './session'

type Handler<Context> = (request: Request, account: Account, context: Context) => Promise<Response>

/** Wraps a route handler: strangers get 401, and a write from another site 403 (the cookie is SameSite=Lax besides). */
export function guarded<Context>(handler: Handler<Context>): (request: Request, context: Context) => Promise<Response> {
  return async (request, context) => {
    if (request.method !== 'GET' && !sameOrigin(request)) return refusal(403, 'This request came from another site.')
    const account = await currentAccount()
    return account ? handler(request, account, context) : refusal(401, 'Sign in first.')
  }
}

/** A refusal in words. */
export const refusal = (status: number, says: string, more: object = {}): Response =>
  Response.json({ says, ...more }, { status })

/** Browsers name the page that sends a write; ours is the host that it came to. */
export function sameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin')
  return origin !== null && URL.canParse(origin) && new URL(origin).host === request.headers.get('host')
}
