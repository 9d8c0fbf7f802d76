import { DatabaseError, ConnectionAcquireTimeoutError } from 'sequelize'
import { object, string } from 'yup'
import { describe, expect, it } from 'vitest'
import { Gone, StaleSave } from '../db/conflict'
import { faultLine } from '../log'
import { Refused } from '../refused'
import { bodyOf } from './body'
import { refusalOf } from './failures'
import { openHandler, whereOf } from './handler'

const form = object({ name: string().max(10).required() })
const sent = (body: BodyInit, headers: Record<string, string> = {}) =>
  new Request('http://lot.example/api/x', { method: 'POST', body, headers, duplex: 'half' } as RequestInit)

describe('a body', () => {
  it('of the right form is taken as it is', async () =>
    expect(await bodyOf(sent('{"name":"Ro"}'), form, 100)).toEqual({ name: 'Ro' }))

  it.each([
    ['no JSON', 'hello', /no JSON/],
    ['another form', '{"name":7}', /right form/],
    ['nothing', '', /no JSON/],
  ])('%s is refused in words', async (_, text, words) => {
    await expect(bodyOf(sent(text), form, 100)).rejects.toThrow(words)
  })

  it('larger than allowed is not read to its end, whatever it says of its length', async () => {
    let given = 0
    const endless = new ReadableStream<Uint8Array>({
      pull(controller) {
        given += 1
        controller.enqueue(new Uint8Array(10_000))
      },
    })
    await expect(bodyOf(sent(endless), form, 50_000)).rejects.toMatchObject({ status: 413 })
    expect(given).toBeLessThan(12)
  })
})

describe('a write must come from our own page', () => {
  const knock = openHandler(async () => 'in', { body: form })
  const from = async (origin?: string) => {
    const headers = { host: 'lot.example', ...(origin !== undefined && { origin }) }
    return (await knock(sent('{"name":"Ro"}', headers), { params: Promise.resolve({}) })).status
  }
  it.each([
    ['http://lot.example', 200],
    ['https://lot.example', 200],
    ['http://evil.example', 403],
    ['null', 403],
    [undefined, 403],
  ])('origin %s: %s', async (origin, status) => expect(await from(origin)).toBe(status))
})

describe('for the log', () => {
  it('it is said what was asked and by which number, not of whom', () => {
    const headers = { 'x-request-id': '7' }
    const url = 'http://lot.example/api/households/01a211c0-e19f-705b-a140-3081076aadf1/contact?token=x'
    expect(whereOf(new Request(url, { method: 'PUT', headers }))).toBe('PUT /api/households/…/contact 7')
    expect(whereOf(new Request(url, { headers }))).not.toMatch(/01a211c0|token/)
  })
})

describe('whatever a handler throws', () => {
  const answered = async (failure: unknown) => {
    const response = refusalOf(failure, 'PUT /api/x')
    return { status: response.status, ...((await response.json()) as { kind: string; says: string }) }
  }

  it.each([
    [new Refused('Not so.', ['age: found 300']), { status: 422, kind: 'refused', flaws: ['age: found 300'] }],
    [new Refused('Sign in first.', [], 401), { status: 401, kind: 'stranger' }],
    [new StaleSave({ name: 'Theirs' }, 3), { status: 409, kind: 'stale', theirs: { name: 'Theirs' }, theirVersion: 3 }],
    [new Gone(), { status: 410, kind: 'gone' }],
  ])('%s is answered as what it is', async (failure, answer) => expect(await answered(failure)).toMatchObject(answer))

  it('a database that is away is said, with when to try again', async () => {
    expect(await answered(new ConnectionAcquireTimeoutError(new Error('timeout')))).toMatchObject({
      status: 503,
      kind: 'away',
    })
    const response = refusalOf(Object.assign(new Error('gone'), { code: 'ER_SOCKET_UNEXPECTED_CLOSE' }), 'x')
    expect(response.headers.get('retry-after')).toBe('5')
  })

  it('a failed write is logged by where and what kind, without a word of the family in it', async () => {
    const sql = "INSERT INTO households (name) VALUES ('The Okoro family')"
    const cause = Object.assign(new Error(`(conn 7) Data too long - parameters:['The Okoro family'] ${sql}`), {
      code: 'ER_DATA_TOO_LONG',
      sql,
    })
    const failure = new DatabaseError(cause as never)
    expect(await answered(failure)).toMatchObject({ status: 500, kind: 'failed' })
    const text = JSON.stringify(faultLine('PUT /api/x', failure))
    expect(text).toContain('"where":"PUT /api/x","fault":"SequelizeDatabaseError ER_DATA_TOO_LONG"')
    expect(text).not.toContain('Okoro')
  })
})
