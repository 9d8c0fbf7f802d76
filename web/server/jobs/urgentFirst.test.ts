import { Piscina } from 'piscina'
import { expect, it } from 'vitest'
import { UrgentFirst } from './urgentFirst'

const task = (name: string, whenIdle?: boolean) =>
  ({ name, [Piscina.queueOptionsSymbol]: whenIdle === undefined ? null : { whenIdle } }) as never

it('whoever waits goes first, in the order of coming; nothing is lost or done twice', () => {
  const queue = new UrgentFirst()
  for (const one of [task('idle 1', true), task('now 1'), task('idle 2', true), task('now 2', false)]) queue.push(one)
  const gone = task('gone', true)
  queue.push(gone)
  queue.remove(gone)
  expect(queue.size).toBe(4)
  const order: string[] = []
  for (let next = queue.shift(); next; next = queue.shift()) order.push((next as unknown as { name: string }).name)
  expect(order).toEqual(['now 1', 'now 2', 'idle 1', 'idle 2'])
  expect(queue.shift()).toBeNull()
})
