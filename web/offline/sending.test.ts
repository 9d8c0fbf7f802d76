import 'fake-indexeddb/auto'
import { describe, expect, it, afterEach } from 'vitest'
import type { WalkEvent, WalkOutcome } from '@hitchet/core/walk/event'
import { queueOn, type Queue } from './queue'
import { sendWaiting, type Send } from './sending'

/** Always the same row of chances: a test that fails, fails again. */
function chances(seed: number): () => number {
  let state = seed
  return () => ((state = (state * 1_103_515_245 + 12_345) % 2 ** 31), state / 2 ** 31)
}

const event = (n: number): WalkEvent => ({
  id: `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`,
  stock: 'T-118',
  about: `Thing ${n}`,
  at: '2026-11-26T10:00:00.000Z',
  what: { kind: 'reading', key: `features.thing${n}`, text: 'yes', source: 'measured' },
})

/** As the server keeps them: each id once, whatever is sent again; the order is that of the first time. */
class Server {
  readonly kept: string[] = []
  readonly outcomes = new Map<string, WalkOutcome>()
  take(events: WalkEvent[]): WalkOutcome[] {
    return events.map(({ id }) => {
      const before = this.outcomes.get(id)
      if (before) return before
      this.kept.push(id)
      const outcome = { id, taken: true }
      this.outcomes.set(id, outcome)
      return outcome
    })
  }
}

const OFF = { ok: false, kind: 'offline', says: 'No connection.' } as const
let n = 0
const fresh = () => queueOn(`notes-${n++}`)
let open: Queue[] = []
afterEach(async () => {
  await Promise.all(open.map((one) => one.close()))
  open = []
})
const opened = () => {
  const queue = fresh()
  open.push(queue)
  return queue
}

describe('notes between metal walls', () => {
  it.each([1, 2, 3, 4, 5])(
    '200 of them with the line cut at random, before they arrive or before the answer: none lost, none doubled, in order (%i)',
    async (seed) => {
      const [chance, server, queue] = [chances(seed), new Server(), opened()]
      let cuts = 0
      const send: Send = (events) => {
        const luck = chance()
        if (luck < 0.3) return (cuts++, Promise.resolve(OFF))
        const outcomes = server.take(events)
        if (luck < 0.55) return (cuts++, Promise.resolve(OFF))
        return Promise.resolve({ ok: true, value: { outcomes } })
      }
      for (let i = 0; i < 200; i++) {
        await queue.add(event(i), 'nell')
        if (chance() < 0.2) await sendWaiting(queue, 'nell', send)
      }
      for (let tries = 0; (await queue.waiting()).length > 0 && tries < 500; tries++)
        await sendWaiting(queue, 'nell', send)
      expect(cuts).toBeGreaterThan(5)
      expect(await queue.waiting()).toEqual([])
      expect(server.kept).toEqual(Array.from({ length: 200 }, (_, i) => event(i).id))
    },
  )

  it('they outlive the window in which they were noted', async () => {
    const name = `notes-${n++}`
    const first = queueOn(name)
    await first.add(event(1), 'nell')
    await first.close()
    const second = queueOn(name)
    open.push(second)
    expect((await second.waiting()).map(({ event: one }) => one)).toEqual([event(1)])
  })

  it('nobody’s notes are sent by another hand', async () => {
    const [server, queue] = [new Server(), opened()]
    await queue.add(event(1), 'nell')
    await queue.add(event(2), 'maren')
    const send: Send = (events) => Promise.resolve({ ok: true, value: { outcomes: server.take(events) } })
    expect(await sendWaiting(queue, 'maren', send)).toBe('sent')
    expect(server.kept).toEqual([event(2).id])
    expect((await queue.waiting()).map(({ account }) => account)).toEqual(['nell'])
  })

  it('what is refused is told, what the server stumbles over waits, and neither holds up the others', async () => {
    const [server, queue] = [new Server(), opened()]
    for (let i = 0; i < 6; i++) await queue.add(event(i), 'nell')
    const send: Send = (events) => {
      if (events.some(({ id }) => id === event(2).id))
        return Promise.resolve({ ok: false, kind: 'refused', says: 'Not of the right form.', flaws: ['key: too long'] })
      if (events.some(({ id }) => id === event(4).id))
        return Promise.resolve({ ok: false, kind: 'failed', says: 'Something went wrong.' })
      return Promise.resolve({ ok: true, value: { outcomes: server.take(events) } })
    }
    expect(await sendWaiting(queue, 'nell', send)).toBe('later')
    expect(server.kept).toEqual([0, 1, 3, 5].map((i) => event(i).id))
    expect((await queue.waiting()).map(({ event: one }) => one.id)).toEqual([event(4).id])
    expect(await queue.told()).toMatchObject([
      { id: event(2).id, taken: false, says: 'Not of the right form. key: too long' },
    ])
  })

  it('what somebody else noted meanwhile is told until it is read; a stranger sends nothing', async () => {
    const queue = opened()
    await queue.add(event(1), 'nell')
    expect(
      await sendWaiting(queue, 'nell', () => Promise.resolve({ ok: false, kind: 'stranger', says: 'Sign in.' })),
    ).toBe('stranger')
    expect(await queue.waiting()).toHaveLength(1)
    await sendWaiting(queue, 'nell', ([one]) =>
      Promise.resolve({
        ok: true,
        value: { outcomes: [{ id: one!.id, taken: true, says: 'Meanwhile Maren noted no.' }] },
      }),
    )
    expect(await queue.waiting()).toEqual([])
    expect(await queue.told()).toMatchObject([{ taken: true, says: 'Meanwhile Maren noted no.' }])
    await queue.read(event(1).id)
    expect(await queue.told()).toEqual([])
  })
})
