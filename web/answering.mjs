// One process that serves the built application: PORT and HOST; HITCHET_TRUSTED_PROXIES names who may speak for others (README).
import { AsyncLocalStorage } from 'node:async_hooks'
import { createServer } from 'node:http'
import next from 'next'
import { FairGate, gateOf, House, isLight, personOf } from './fairGate.mjs'
import { trustProxy } from './trustProxy.mjs'

const { PORT = '3000', HOST = '127.0.0.1', HITCHET_TRUSTED_PROXIES = '' } = process.env

/** Whoever does not get a request out in this time is not waited for, milliseconds. A whole lot over a slow line takes minutes. */
const HEADERS_MS = 20_000
const REQUEST_MS = 300_000

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'])

const writeDown = trustProxyOrEnd(HITCHET_TRUSTED_PROXIES)
const app = next({ dev: false, dir: import.meta.dirname, hostname: HOST, port: Number(PORT) })
await app.prepare()
const answer = app.getRequestHandler()
/**
 * Of each person so much is answered at once; who only looks does not hold up what they save, nor what might be looked at next.
 * Pages take turns, as they all want the one thread that draws them; what is asked for besides, such as a page on paper, is made
 * elsewhere, and takes no page's turn while it waits.
 */
const house = new House()
const gates = {
  looks: new FairGate({ among: 2, alone: 8, waiting: 60, all: 6 }, house),
  asks: new FairGate({ among: 2, alone: 8, waiting: 60 }, house),
  saves: new FairGate({ among: 2, alone: 8, waiting: 60 }, house),
  ahead: new FairGate({ among: 1, alone: 4, waiting: 100, all: 2 }, house),
}
// Where what is bundled finds it too (server/asker.ts).
const ofProcess = (globalThis[Symbol.for('hitchet')] ??= new Map())
const asker = new AsyncLocalStorage()
ofProcess.set('who asks', asker)
const server = createServer({ headersTimeout: HEADERS_MS, requestTimeout: REQUEST_MS }, (request, response) => {
  writeDown(request)
  response.setHeader('x-request-id', request.headers['x-request-id'])
  if (request.headers['x-forwarded-proto'] === 'https')
    response.setHeader('strict-transport-security', 'max-age=31536000')
  if (!METHODS.has(request.method)) return refuse(response, 405, 'This is not done here.')
  // No page of ours has actions of Next’s own kind: whoever names one has made it up.
  if (!isAddress(request.url) || request.headers['next-action']) return refuse(response, 400, 'No such address.')
  const person = personOf(request)
  if (!person || isLight(request.url)) return answer(request, response)
  return inTurn(person, request, response)
})
server.once('error', ({ code, message }) => {
  const why =
    code === 'EADDRINUSE'
      ? `another program listens at port ${PORT} of ${HOST} already; stop it, or set PORT to another`
      : `it cannot listen at port ${PORT} of ${HOST}: ${message}`
  console.error(`Hitchet cannot start: ${why}`)
  process.exit(1)
})
server.listen(Number(PORT), HOST)
let isEnding = false
for (const signal of ['SIGTERM', 'SIGINT'])
  // Told by whoever began us, and once more by the process that holds us all.
  process.on(signal, () => {
    if (isEnding) return
    isEnding = true
    // What is being answered is answered; nobody new comes in.
    server.close(() => process.exit(0))
    server.closeIdleConnections()
  })

/** Answers a request when it is its person’s turn; whoever hangs up gives theirs to the next. */
function inTurn(person, request, response) {
  const left = new AbortController()
  let end = () => {}
  const leave = gates[gateOf(request)].enter(person, (done) => {
    end = done
    const by = { person, left: left.signal, isAway: false }
    saysAway(by, response)
    asker.run(by, () => answer(request, response))
  })
  if (!leave) return tooMuch(request, response)
  response.once('close', () => {
    leave()
    end()
    left.abort()
  })
}

/** A page that the database did not answer is not there for now: 503, not a fault of ours. */
function saysAway(by, response) {
  const writeHead = response.writeHead.bind(response)
  response.writeHead = (status, ...rest) => {
    const isAway = status === 500 && by.isAway
    if (isAway) response.setHeader('retry-after', '5')
    return writeHead(isAway ? 503 : status, ...rest)
  }
}

const refuse = (response, status, says) =>
  response.writeHead(status, { 'content-type': 'text/plain; charset=utf-8', 'cache-control': 'no-store' }).end(says)

function tooMuch({ url }, response) {
  const says = 'You have dozens of things on their way already. Wait until some of them are there, then try again.'
  const isData = url.startsWith('/api/')
  response.writeHead(429, {
    'content-type': isData ? 'application/json' : 'text/plain; charset=utf-8',
    'retry-after': '2',
    'cache-control': 'no-store',
  })
  // As while the database is away: whoever sends notes sends them later.
  response.end(isData ? JSON.stringify({ kind: 'away', says }) : says)
}

/** Whether what is asked for can be read at all. */
function isAddress(url) {
  try {
    return !decodeURIComponent(url).includes('\0')
  } catch {
    return false
  }
}

function trustProxyOrEnd(proxies) {
  try {
    return trustProxy(proxies)
  } catch (failure) {
    console.error(`Hitchet cannot start: HITCHET_TRUSTED_PROXIES is no list of addresses: ${failure.message}`)
    process.exit(1)
  }
}
