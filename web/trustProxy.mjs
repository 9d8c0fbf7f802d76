import { randomUUID } from 'node:crypto'
import proxyaddr from 'proxy-addr'

/**
 * Writes down whence a request comes and what it was asked as: from a trusted proxy as it says, from anybody else as the
 * connection shows. What a client claims of itself is gone after this. `proxies`: addresses and ranges, with commas between.
 * @throws TypeError for what is no address.
 *
 * @param {string} proxies
 * @returns {(request: import('node:http').IncomingMessage) => void}
 */
export function trustProxy(proxies) {
  const trusted = proxyaddr.compile(proxies.split(',').flatMap((one) => one.trim() || []))
  return (request) => {
    const { headers, socket } = request
    const from = socket.remoteAddress ?? 'nowhere'
    if (trusted(from, 0)) {
      const [host = ''] = String(headers['x-forwarded-host'] ?? '').split(',')
      if (host.trim()) headers.host = host.trim()
      headers['x-forwarded-for'] = proxyaddr(request, trusted)
      headers['x-forwarded-proto'] = /^https\b/.test(String(headers['x-forwarded-proto'])) ? 'https' : 'http'
    } else {
      headers['x-forwarded-for'] = from
      headers['x-forwarded-proto'] = 'http'
    }
    delete headers['x-forwarded-host']
    delete headers['x-forwarded-port']
    delete headers.forwarded
    headers['x-request-id'] = randomUUID()
  }
}
