import { afterEach, describe, expect, it, vi } from 'vitest'

const made = vi.hoisted(() => ({ pools: 0, ended: 0 }))
vi.mock('piscina', () => ({
  queueOptionsSymbol: Symbol('options'),
  Piscina: class {
    queueSize = 3
    constructor() {
      made.pools += 1
    }
    run = (job: object) => Promise.resolve(job)
    destroy = () => Promise.resolve(void (made.ended += 1))
  },
}))

/** As a bundler makes one for what begins a process, one for its pages, one for its routes. */
async function copy() {
  vi.resetModules()
  return { ...(await import('./processSingleton')), ...(await import('./jobs/pool')) }
}

describe('what a process has one of', () => {
  afterEach(() => Object.assign(made, { pools: 0, ended: 0 }))

  it('is the same in every copy of a module, by its name', async () => {
    const [first, second] = [await copy(), await copy()]
    expect(first.processSingleton).not.toBe(second.processSingleton)
    const one = first.processSingleton('a test of it', () => ({}))
    expect(second.processSingleton('a test of it', () => ({}))).toBe(one)
    expect(second.processSingleton('another test of it', () => ({}))).not.toBe(one)
  })

  it('so what begins a process, pages and routes share the threads that reckon, and any of them ends these', async () => {
    const copies = [await copy(), await copy(), await copy()]
    for (const { inWorker } of copies) await inWorker('makeFacts', { rules: {} as never })
    expect(made.pools).toBe(1)
    expect(copies.map(({ waitingJobs }) => waitingJobs())).toEqual([3, 3, 3])
    await copies[2]!.closePool()
    expect(copies.map(({ waitingJobs }) => waitingJobs())).toEqual([0, 0, 0])
    for (const { closePool } of copies) await closePool()
    expect(made.ended).toBe(1)
  })
})
