import { createServer, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { request } from './request'

/** A small server that answers each path in its own way. */
const answers: Record<string, (response: ServerResponse) => void> = {
  '/good': (response) => response.end('{"id":"x"}'),
  '/refused': (response) => response.writeHead(422).end('{"kind":"refused","says":"Not right.","flaws":["a"]}'),
  '/broken': (response) => response.writeHead(500).end('<html>'),
  '/cut': (response) => response.writeHead(200, { 'content-length': '100' }).write('{"id":', () => response.destroy()),
  '/slow': (response) => void response.writeHead(200).write('{"id":'),
}
const server = createServer(({ url }, response) => answers[url!]!(response))
let base = ''
beforeAll(async () => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => server.closeAllConnections())

describe('what comes of a request', () => {
  it('an answer', async () => expect(await request('POST', `${base}/good`)).toEqual({ ok: true, value: { id: 'x' } }))
  it('a refusal in the server’s words, with all it sent', async () =>
    expect(await request('PUT', `${base}/refused`, {})).toEqual({
      ok: false,
      kind: 'refused',
      says: 'Not right.',
      flaws: ['a'],
    }))
  it('a fault without words', async () =>
    expect(await request('POST', `${base}/broken`)).toMatchObject({
      ok: false,
      kind: 'failed',
      says: 'The server answered 500.',
    }))

  it('an answer cut short is none', async () =>
    expect(await request('POST', `${base}/cut`)).toMatchObject({ ok: false, kind: 'offline' }))

  it('one given up on while it comes is none either', async () => {
    const stop = new AbortController()
    const outcome = request('POST', `${base}/slow`, {}, stop.signal)
    setTimeout(() => stop.abort(), 60)
    expect(await outcome).toMatchObject({ ok: false, kind: 'offline' })
  })

  it('no server at all is said, and that nothing typed is lost', async () => {
    const outcome = await request('POST', 'http://127.0.0.1:9/nobody')
    expect(outcome).toMatchObject({
      ok: false,
      kind: 'offline',
      says: expect.stringContaining('What you did is kept here'),
    })
  })
})
