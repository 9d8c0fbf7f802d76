import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { AddressAsked } from './addressAsked'

/** A browser whose router comes after: it takes some of what waits, and writes what it took into the browser again. */
class LateRouter {
  browser = '/yard/T-1?'
  private waiting: string[] = []

  write(address: string) {
    this.browser = address
    this.waiting.push(address)
  }

  /** Takes so many at once, as React does with what comes close together. */
  come(asked: AddressAsked, many: number) {
    const took = this.waiting.splice(0, many).at(-1)
    if (took === undefined) return
    this.browser = took
    asked.shown(took)
  }
}

const KEYS = ['time', 'layer', 'thing'] as const
const press = fc.record({ key: fc.constantFrom(...KEYS), value: fc.constantFrom('a', 'b', 'c') })
const events = fc.array(fc.oneof(press, fc.record({ came: fc.integer({ min: 1, max: 3 }) })), { maxLength: 25 })

function change(router: LateRouter, asked: AddressAsked, key: string, value: string) {
  const next = new URL(asked.latest(router.browser), 'http://here')
  next.searchParams.set(key, value)
  const address = next.pathname + next.search
  asked.ask(address)
  router.write(address)
}

describe('an address that is changed while the router is still on its way', () => {
  it('keeps every change, however late the router is', () => {
    fc.assert(
      fc.property(events, (steps) => {
        const router = new LateRouter()
        const asked = new AddressAsked()
        const wanted = new Map<string, string>()
        for (const step of steps) {
          if ('came' in step) router.come(asked, step.came)
          else {
            change(router, asked, step.key, step.value)
            wanted.set(step.key, step.value)
          }
        }
        router.come(asked, steps.length)
        const is = new URL(router.browser, 'http://here').searchParams
        for (const [key, value] of wanted) expect(is.get(key)).toBe(value)
      }),
    )
  })

  it('keeps the second of three keys when the browser shows the first once more', () => {
    const router = new LateRouter()
    const asked = new AddressAsked()
    change(router, asked, 'layer', 'exits')
    change(router, asked, 'time', 'night')
    router.come(asked, 1)
    expect(router.browser).toBe('/yard/T-1?layer=exits')
    change(router, asked, 'made', 'sofa')
    expect(router.browser).toBe('/yard/T-1?layer=exits&time=night&made=sofa')
  })

  it('starts from where somebody went, not from what was asked on the page before', () => {
    const router = new LateRouter()
    const asked = new AddressAsked()
    change(router, asked, 'layer', 'exits')
    asked.shown('/yard/T-2?')
    expect(asked.latest('/yard/T-2?')).toBe('/yard/T-2?')
  })
})
