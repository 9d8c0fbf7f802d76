// Serves the built application: PORT and HOST; HITCHET_TRUSTED_PROXIES names who may speak for others (README).
import { createServer } from 'node:http'
import next from 'next'
import { whoAsks } from './whoAsks.mjs'

const { PORT = '3000', HOST = '127.0.0.1', HITCHET_TRUSTED_PROXIES = '' } = process.env

/** Whoever does not get a request out in this time is not waited for, milliseconds. A whole lot over a slow line takes minutes. */
const HEADERS_MS = 20_000
const REQUEST_MS = 300_000

const writeDown = whoAsksOrEnd(HITCHET_TRUSTED_PROXIES)
const app = next({ dev: false, dir: import.meta.dirname, hostname: HOST, port: Number(PORT) })
await app.prepare()
const answer = app.getRequestHandler()
const server = createServer({ headersTimeout: HEADERS_MS, requestTimeout: REQUEST_MS }, (request, response) => {
  writeDown(request)
  response.setHeader('x-request-id', request.headers['x-request-id'])
  if (request.headers['x-forwarded-proto'] === 'https')
    response.setHeader('strict-transport-security', 'max-age=31536000')
  if (!isAddress(request.url)) return response.writeHead(400, { 'content-type': 'text/plain' }).end('No such address.')
  return answer(request, response)
})
server.listen(Number(PORT), HOST)
for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, () => {
    // What is being answered is answered; nobody new comes in.
    server.close(() => process.exit(0))
    server.closeIdleConnections()
  })

/** Whether what is asked for can be read at all. */
function isAddress(url) {
  try {
    return !decodeURIComponent(url).includes('\0')
  } catch {
    return false
  }
}

function whoAsksOrEnd(proxies) {
  try {
    return whoAsks(proxies)
  } catch (failure) {
    console.error(`Hitchet cannot start: HITCHET_TRUSTED_PROXIES is no list of addresses: ${failure.message}`)
    process.exit(1)
  }
}
