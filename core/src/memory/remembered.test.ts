import { describe, expect, it, vi } from 'vitest'
import { latest, oncePer, oncePerAndItself, oncePerPart } from './remembered'

const unit = (stock: string) => ({ stock })

describe('what is remembered', () => {
  it('is worked out once for an object, also where it is nothing, and anew for another that is alike', () => {
    const make = vi.fn(({ stock }: { stock: string }) => (stock === 'none' ? undefined : stock.length))
    const length = oncePer(make)
    const [one, none] = [unit('T-118'), unit('none')]
    expect([length(one), length(one), length(none), length(none), length(unit('T-118'))]).toEqual([
      5,
      5,
      undefined,
      undefined,
      5,
    ])
    expect(make).toHaveBeenCalledTimes(3)
  })

  it('gives what it made back as it is', () => {
    const sorted = oncePerAndItself((list: string[]) => [...list].sort())
    const list = ['b', 'a']
    expect(sorted(list)).toEqual(['a', 'b'])
    expect(sorted(sorted(list))).toBe(sorted(list))
  })

  it('keeps the parts of an object apart, and says what it has without working anything out', () => {
    const make = vi.fn(({ stock }: { stock: string }, time: string) => `${stock} ${time}`)
    const at = oncePerPart(make)
    const one = unit('T-1')
    expect(at.known(one, 'night')).toBeUndefined()
    for (const time of ['parked', 'night', 'parked', 'night']) expect(at(one, time)).toBe(`T-1 ${time}`)
    expect(at.known(one, 'night')).toBe('T-1 night')
    expect(at.known(unit('T-1'), 'night')).toBeUndefined()
    expect(make).toHaveBeenCalledTimes(2)
  })

  it('by text keeps the latest that were asked for, not the latest that were made', () => {
    const make = vi.fn((text: string) => text.length)
    const lengths = latest<number>(2)
    const ask = (text: string) => lengths(text, () => make(text))
    for (const text of ['a', 'bb', 'a', 'ccc', 'a', 'bb']) expect(ask(text)).toBe(text.length)
    expect(make.mock.calls.map(([text]) => text)).toEqual(['a', 'bb', 'ccc', 'bb'])
  })

  it('fails the same way each time, and remembers no failure', () => {
    const never = oncePer((_: object): number => {
      throw new Error('no floor')
    })
    const one = {}
    expect(() => never(one)).toThrow('no floor')
    expect(() => never(one)).toThrow('no floor')
  })
})
