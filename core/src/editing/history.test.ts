import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { begin, done, going, redone, undone } from './history'

describe('doing and undoing', () => {
  it('any number of steps come back one by one, and forth again', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(), { maxLength: 40 }), (steps) => {
        const all = steps.map((step, i) => `${i}:${step}`)
        let history = all.reduce(done<string>, begin('start'))
        for (const step of [...all].reverse()) {
          if (history.now !== step) return false
          history = undone(history)
        }
        if (history.now !== 'start') return false
        for (const step of all) {
          history = redone(history)
          if (history.now !== step) return false
        }
        return undone(begin('x')).now === 'x' && redone(history).now === history.now
      }),
    )
  })

  it('a drag is one step, and a new course forgets what was undone', () => {
    const dragged = ['b', 'c', 'd'].reduce(going<string>, done(begin('a'), 'b'))
    expect(undone(dragged).now).toBe('a')
    expect(redone(done(undone(dragged), 'z')).now).toBe('z')
  })
})
