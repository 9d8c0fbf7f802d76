import type { IncomingMessage } from 'node:http'
import { describe, expect, it } from 'vitest'
import { trustProxy } from '../../trustProxy.mjs'

const asked = (proxies: string, from: string, headers: Record<string, string> = {}) => {
  const request = { headers: { host: 'inside:3000', ...headers }, socket: { remoteAddress: from } }
  trustProxy(proxies)(request as unknown as IncomingMessage)
  const {
    host,
    'x-forwarded-for': address,
    'x-forwarded-proto': proto,
    'x-request-id': id,
    ...rest
  } = request.headers as Record<string, string>
  expect(id).toMatch(/^[0-9a-f-]{36}$/)
  return { host, address, proto, rest }
}
const CLAIMS = {
  'x-forwarded-for': '198.51.100.9',
  'x-forwarded-host': 'lot.example',
  'x-forwarded-proto': 'https',
  'x-request-id': 'mine',
}

describe('who asks', () => {
  it('is who the connection shows, whatever a client claims of itself', () => {
    expect(asked('', '203.0.113.7', CLAIMS)).toEqual({
      host: 'inside:3000',
      address: '203.0.113.7',
      proto: 'http',
      rest: {},
    })
    expect(asked('10.0.0.0/8', '203.0.113.7', CLAIMS)).toMatchObject({ address: '203.0.113.7', host: 'inside:3000' })
  })

  it('behind a trusted proxy it is who the proxy says, under the host and over the line that was asked', () => {
    expect(asked('10.0.0.0/8, loopback', '10.1.2.3', CLAIMS)).toEqual({
      host: 'lot.example',
      address: '198.51.100.9',
      proto: 'https',
      rest: {},
    })
    expect(asked('loopback', '127.0.0.1', { 'x-forwarded-proto': 'http' })).toMatchObject({
      proto: 'http',
      address: '127.0.0.1',
    })
  })

  it('of a chain the last that nobody of ours is: what stands before it was claimed by a client', () => {
    const chain = { ...CLAIMS, 'x-forwarded-for': '1.2.3.4, 198.51.100.9, 10.0.0.2' }
    expect(asked('10.0.0.0/8', '10.0.0.1', chain).address).toBe('198.51.100.9')
  })

  it('a proxy that is no address is refused before anything is served', () => {
    expect(() => trustProxy('the-proxy')).toThrow(TypeError)
  })
})
