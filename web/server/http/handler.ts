import { mixed, type Schema } from 'yup'
import { currentAccount } from '../auth/session'
import type { Account } from '../db/accounts'
import { Refused } from '../refused'
import { bodyOf, DOCUMENT_BYTES } from './body'
import { settings } from '../settings'
import { refusalOf } from './failures'

interface Asked<Body, Params> {
  account: Account
  body: Body
  params: Params
  query: URLSearchParams
  /** As the program is reached from outside: for addresses that leave the house. */
  origin: string
  /** For what is read while it comes in. */
  request: Request
}

interface Form<Body> {
  body: Schema<Body>
  /** Bytes that the body may have. */
  most?: number
}

type Answering<Params> = (request: Request, context: { params: Promise<Params> }) => Promise<Response>

/**
 * A route handler for those who are signed in. A write from another site is refused (the cookie is SameSite=Lax
 * besides), then strangers, and only then is the body read, so far as it may be. What comes back is sent as
 * JSON unless it is a response already; what is thrown is answered in words.
 */
export function handler<Params extends object, Body = undefined>(
  answer: (asked: Asked<Body, Params>) => Promise<unknown>,
  form?: Form<Body>,
): Answering<Params> {
  return edge(async (request, params) => {
    const account = await currentAccount()
    if (!account) throw new Refused('Sign in first.', [], 401)
    const { searchParams: query } = new URL(request.url)
    return answer({ account, params, query, body: await read(request, form), origin: originOf(request), request })
  })
}

/** The same for doors that strangers may knock at. */
export function openHandler<Body>(answer: (body: Body) => Promise<unknown>, form: Form<Body>): Answering<object> {
  return edge(async (request) => answer(await read(request, form)))
}

/** What whoever holds a link may read. */
export const linkHandler = <Params extends object>(answer: (params: Params) => Promise<unknown>): Answering<Params> =>
  edge((_, params) => answer(params))

function edge<Params>(answer: (request: Request, params: Params) => Promise<unknown>): Answering<Params> {
  return async (request, context) => {
    try {
      if (request.method !== 'GET' && !sameOrigin(request))
        throw new Refused('This request came from another site.', [], 403)
      const value = await answer(request, await context.params)
      return value instanceof Response ? value : Response.json(value ?? { ok: true })
    } catch (failure) {
      return refusalOf(failure, `${request.method} ${new URL(request.url).pathname}`)
    }
  }
}

const read = async <Body>(request: Request, form: Form<Body> | undefined): Promise<Body> =>
  form ? bodyOf(request, form.body, form.most ?? DOCUMENT_BYTES) : (undefined as Body)

/** A write names it; otherwise it is the host that was asked, over HTTPS wherever cookies go over nothing else. */
const originOf = (request: Request): string =>
  request.headers.get('origin') ??
  `${settings().secureCookies ? 'https' : 'http'}://${request.headers.get('host') ?? new URL(request.url).host}`

/** Browsers name the page that sends a write; ours is the host that it came to. */
function sameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin')
  return origin !== null && URL.canParse(origin) && new URL(origin).host === request.headers.get('host')
}

/** A document of whatever form: its own parser says what is not right in it. */
export const anyDocument = mixed<NonNullable<unknown>>().required()
