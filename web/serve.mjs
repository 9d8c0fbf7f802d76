// Serves the built application: PORT and HOST; HITCHET_TRUSTED_PROXIES names who may speak for others (README).
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:http'
import next from 'next'
import proxyaddr from 'proxy-addr'

const { PORT = '3000', HOST = '127.0.0.1', HITCHET_TRUSTED_PROXIES = '' } = process.env

/** Whoever does not get a request out in this time is not waited for, milliseconds. A whole lot over a slow line takes minutes. */
const HEADERS_MS = 20_000
const REQUEST_MS = 300_000

const trusted = proxyaddr.compile(HITCHET_TRUSTED_PROXIES.split(',').flatMap((one) => one.trim() || []))
const app = next({ dev: false, dir: import.meta.dirname, hostname: HOST, port: Number(PORT) })
await app.prepare()
const answer = app.getRequestHandler()
const server = createServer({ headersTimeout: HEADERS_MS, requestTimeout: REQUEST_MS }, (request, response) => {
  const isHttps = writeDownWhoAsks(request)
  response.setHeader('x-request-id', request.headers['x-request-id'])
  if (isHttps) response.setHeader('strict-transport-security', 'max-age=31536000')
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

/**
 * Whence a request comes and what it was asked as: from a trusted proxy as it says, from anybody else as the connection shows.
 * What a client claims of itself is gone after this. Whether it came over HTTPS.
 */
function writeDownWhoAsks(request) {
  const { headers, socket } = request
  if (trusted(socket.remoteAddress ?? '', 0)) {
    const [host] = String(headers['x-forwarded-host'] ?? '').split(',')
    if (host.trim()) headers.host = host.trim()
    headers['x-forwarded-for'] = proxyaddr(request, trusted)
    headers['x-forwarded-proto'] = /^https\b/.test(headers['x-forwarded-proto'] ?? '') ? 'https' : 'http'
  } else {
    headers['x-forwarded-for'] = socket.remoteAddress ?? 'nowhere'
    headers['x-forwarded-proto'] = 'http'
  }
  delete headers['x-forwarded-host']
  delete headers['x-forwarded-port']
  headers['x-request-id'] = randomUUID()
  return headers['x-forwarded-proto'] === 'https'
}

/** Whether what is asked for can be read at all. */
function isAddress(url) {
  try {
    return !decodeURIComponent(url).includes('\0')
  } catch {
    return false
  }
}
