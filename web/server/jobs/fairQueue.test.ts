import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import fc from 'fast-check'
import { Piscina } from 'piscina'
import { describe, expect, it } from 'vitest'
import { FairQueue, inFairTurns, type Queued } from './fairQueue'

const task = (name: string, queued: Queued | null = null) =>
  ({ name, [Piscina.queueOptionsSymbol]: queued }) as unknown as Parameters<FairQueue['push']>[0]
const of = (person: string, name: string) => task(name, { whenIdle: false, person })
const idle = (name: string) => task(name, { whenIdle: true })
const emptied = (queue: FairQueue) => {
  const order: string[] = []
  for (let next = queue.shift(); next; next = queue.shift()) order.push((next as unknown as { name: string }).name)
  return order
}

describe('jobs that wait for a thread', () => {
  it('whoever waits goes first, in the order of coming; nothing is lost or done twice', () => {
    const queue = new FairQueue()
    for (const one of [idle('idle 1'), task('now 1'), idle('idle 2'), task('now 2')]) queue.push(one)
    const gone = idle('gone')
    queue.push(gone)
    queue.remove(gone)
    expect(queue.size).toBe(4)
    expect(emptied(queue)).toEqual(['now 1', 'now 2', 'idle 1', 'idle 2'])
    expect(queue.shift()).toBeNull()
  })

  it('one with a hundred jobs is behind nobody, and nobody is behind them', () => {
    const queue = new FairQueue()
    for (let i = 0; i < 100; i++) queue.push(of('greedy', `g${i}`))
    queue.push(of('ada', 'a0'))
    queue.push(of('ada', 'a1'))
    queue.push(of('bo', 'b0'))
    expect(emptied(queue).slice(0, 7)).toEqual(['g0', 'a0', 'b0', 'g1', 'a1', 'g2', 'g3'])
  })

  it('whoever comes waits at most for one job of each of the others, and each one’s own stay in order', () => {
    const people = ['a', 'b', 'c', 'd']
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...people), { maxLength: 60 }), (came) => {
        const queue = new FairQueue()
        came.forEach((person, i) => queue.push(of(person, `${person} ${i}`)))
        queue.push(of('new', 'new 0'))
        const order = emptied(queue)
        expect(order.indexOf('new 0')).toBeLessThanOrEqual(new Set(came).size)
        for (const person of people) {
          const own = order.filter((name) => name.startsWith(`${person} `)).map((name) => Number(name.split(' ')[1]))
          expect(own).toEqual([...own].sort((x, y) => x - y))
        }
        expect(order).toHaveLength(came.length + 1)
      }),
    )
  })

  it('knows which of them still waits', () => {
    const queue = new FairQueue()
    const queued: Queued = { whenIdle: false, person: 'a' }
    expect(queued.waits).toBeUndefined()
    queue.push(task('x', queued))
    expect(queued.waits).toBe(true)
    queue.shift()
    expect(queued.waits).toBe(false)
  })

  it('so also in a pool: whoever comes is behind the job of one that runs and one that is next, whatever waits', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hitchet-turns-'))
    const filename = join(folder, 'job.mjs')
    writeFileSync(filename, 'export default () => new Promise((done) => setTimeout(done, 5))')
    const pool = new Piscina({ filename, minThreads: 1, maxThreads: 1, ...inFairTurns() })
    const order: string[] = []
    const run = async (person: string, name: string) => {
      await pool.run({ [Piscina.queueOptionsSymbol]: { whenIdle: false, person } satisfies Queued })
      order.push(name)
    }
    try {
      const greedy = Array.from({ length: 30 }, (_, i) => run('greedy', `g${i}`))
      await greedy[2]
      const before = order.length
      await run('ada', 'a0')
      expect(order.indexOf('a0') - before).toBeLessThanOrEqual(2)
      await Promise.all(greedy)
      expect(order.filter((name) => name.startsWith('g'))).toEqual(greedy.map((_, i) => `g${i}`))
    } finally {
      await pool.destroy()
      rmSync(folder, { recursive: true })
    }
  })
})
