import { mixed, type Schema } from 'yup'
import { may, refusedTo, type Right } from '../auth/access'
import { noteRefused } from '../auth/refusals'
import { currentAccount } from '../auth/session'
import type { Account } from '../db/people/accounts'
import { Refused } from '../refused'
import { bodyOf, DOCUMENT_BYTES } from './body'
import { isLoopback, settings } from '../settings'
import { refusalOf } from './failures'

interface Asked<Body, Params> {
  account: Account
  body: Body
  params: Params
  query: URLSearchParams
  /** As the program is reached from outside: for addresses that leave the house. @throws Refused while nobody set it. */
  origin(): string
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
 * A route handler for those who are signed in and may do what it does. A write from another site is refused (the cookie is
 * SameSite=Lax besides), then strangers, then who may not, and only then is the body read, so far as it may be. What comes
 * back is sent as JSON unless it is a response already; what is thrown is answered in words.
 */
export function handler<Params extends object, Body = undefined>(
  right: Right,
  answer: (asked: Asked<Body, Params>) => Promise<unknown>,
  form?: Form<Body>,
): Answering<Params> {
  return edge(async (request, params) => {
    const account = await currentAccount()
    if (!account) throw new Refused('Sign in first.', [], 401)
    // As to a stranger: what a device has waiting stays there until it may be sent.
    if (account.mustSetUp && right !== 'look after oneself')
      throw new Refused(
        'The house asks a second factor of you: set it up first, under your name at the top right.',
        [],
        401,
      )
    if (!may(account.role, right)) {
      await noteRefused(account, right)
      throw refusedTo(account.role)
    }
    const { searchParams: query } = new URL(request.url)
    return answer({ account, params, query, body: await read(request, form), origin: () => originOf(request), request })
  })
}

/** The same for doors that strangers may knock at; `address` is where they knock from. */
export function openHandler<Body>(
  answer: (body: Body, address: string) => Promise<unknown>,
  form: Form<Body>,
): Answering<object> {
  return edge(async (request) => answer(await read(request, form), addressOf(request)))
}

/** As the server itself has written it down (`answering.mjs`): what a client says of itself is not in it. */
const addressOf = (request: Request): string => request.headers.get('x-forwarded-for') ?? 'nowhere'

/** What whoever holds a link may read. */
export const linkHandler = <Params extends object>(answer: (params: Params) => Promise<unknown>): Answering<Params> =>
  edge((_, params) => answer(params))

function edge<Params>(answer: (request: Request, params: Params) => Promise<unknown>): Answering<Params> {
  return async (request, context) => {
    try {
      if (request.method !== 'GET' && !sameOrigin(request))
        throw new Refused('This request came from another site.', [], 403)
      const value = await answer(request, await context.params)
      const response = value instanceof Response ? value : Response.json(value ?? { ok: true })
      if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store')
      return response
    } catch (failure) {
      // Whoever hung up hears nothing, and nothing is wrong.
      if (request.signal.aborted) return new Response(null, { status: 408 })
      return refusalOf(failure, whereOf(request))
    }
  }
}

/** For the log: what was asked, without the numbers that tell of whom, and the request's own. */
export const whereOf = (request: Request): string =>
  [
    request.method,
    new URL(request.url).pathname.replaceAll(/[0-9a-f]{8}-[0-9a-f-]{27}|[\w-]{43}/g, '…'),
    request.headers.get('x-request-id') ?? '',
  ]
    .join(' ')
    .trim()

const read = async <Body>(request: Request, form: Form<Body> | undefined): Promise<Body> =>
  form ? bodyOf(request, form.body, form.most ?? DOCUMENT_BYTES) : (undefined as Body)

/** As it is set; on this machine alone, where nobody from outside comes by, as it was asked. */
function originOf(request: Request): string {
  const { publicAddress } = settings()
  if (publicAddress) return publicAddress
  const host = request.headers.get('host') ?? new URL(request.url).host
  if (!isLoopback(host.replace(/:\d+$/, '')))
    throw new Refused(
      'The public address of this installation is not set. Set HITCHET_PUBLIC_ADDRESS on the server.',
      [],
      409,
    )
  return `http://${host}`
}

/** Browsers name the page that sends a write; ours is the host that it came to. */
function sameOrigin(request: Request): boolean {
  const origin = request.headers.get('origin')
  return origin !== null && URL.canParse(origin) && new URL(origin).host === request.headers.get('host')
}

/** A document of whatever form: its own parser says what is not right in it. */
export const anyDocument = mixed<NonNullable<unknown>>().required()
