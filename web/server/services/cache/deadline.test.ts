import { describe, expect, it } from 'vitest'
import { inTime } from './deadline'

const later = <T>(value: T) => {
  let come = (_: T) => {}
  const work = new Promise<T>((resolve) => (come = resolve))
  return { work, come: () => come(value) }
}

describe('whoever looks waits so long and no longer', () => {
  it('what is there in time is shown, what is not goes on and is found by whoever looks again', async () => {
    expect(await inTime(Date.now() + 60_000, Promise.resolve(7))).toBe(7)
    const { work, come } = later(7)
    expect(await inTime(Date.now() - 1, work)).toBeUndefined()
    come()
    expect(await inTime(Date.now() + 60_000, work)).toBe(7)
  })

  it('what fails in time is told; what fails afterwards breaks nothing', async () => {
    await expect(inTime(Date.now() + 60_000, Promise.reject(new Error('gone')))).rejects.toThrow('gone')
    let fail = () => {}
    const work = new Promise<number>((_, reject) => (fail = () => reject(new Error('late'))))
    expect(await inTime(Date.now() - 1, work)).toBeUndefined()
    fail()
    await expect(work).rejects.toThrow('late')
  })
})
