import { AsyncLocalStorage } from 'node:async_hooks'
import { setTimeout as later } from 'node:timers/promises'
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'
import { expect, it } from 'vitest'
import { AsyncCache } from './asyncCache'

setFlagsFromString('--expose-gc')
const collect = runInNewContext('gc') as () => void

it('holds on to what was made and not to the request that it was made for', async () => {
  const cache = new AsyncCache<{ number: number }>(1_000)
  const requests = new AsyncLocalStorage<object>()
  const begun: WeakRef<object>[] = []
  for (let i = 0; i < 20; i++) {
    const request = { body: 'x'.repeat(1_000) }
    begun.push(new WeakRef(request))
    await requests.run(request, () => cache.of(`n${i}`, async () => (await later(1), { number: i })))
  }
  for (let tries = 0; tries < 20 && begun.some((one) => one.deref()); tries++) {
    await later(1)
    collect()
  }
  expect(begun.filter((one) => one.deref()).length).toBeLessThanOrEqual(1)
  expect(await cache.known('n7')).toEqual({ number: 7 })
})

it('who asks while it is made waits for the same; what failed or was nothing is made anew', async () => {
  const cache = new AsyncCache<string>(2)
  let made = 0
  const make = async () => (await later(1), `${++made}`)
  expect(await Promise.all([cache.of('a', make), cache.of('a', make)])).toEqual(['1', '1'])
  await expect(cache.of('b', () => Promise.reject(new Error('away')))).rejects.toThrow('away')
  expect(await cache.of('b', async () => undefined)).toBeUndefined()
  expect(await cache.of('b', make)).toBe('2')
  expect(await cache.of('a', make)).toBe('1')
})

it('what was asked for least lately is let go of first', async () => {
  const cache = new AsyncCache<string>(2)
  for (const name of ['a', 'b', 'a', 'c']) await cache.of(name, async () => name)
  expect(cache.known('b')).toBeUndefined()
  expect(await cache.known('a')).toBe('a')
})
