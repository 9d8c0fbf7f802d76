import type { IncomingMessage } from 'node:http'
import { describe, expect, it } from 'vitest'
import { FairGate, gateOf, House, isLight, personOf } from '../../fairGate.mjs'

const ask = (given: Partial<IncomingMessage>) => ({ method: 'GET', headers: {}, ...given }) as IncomingMessage

describe('turns', () => {
  /** What was begun, and how each is ended. */
  const at = (gate: FairGate) => {
    const begun: string[] = []
    const ends = new Map<string, () => void>()
    const enter = (person: string, name: string) =>
      gate.enter(person, (done) => {
        begun.push(name)
        ends.set(name, done)
      })
    return { begun, enter, end: (name: string) => ends.get(name)!() }
  }

  it('of one person only so many are answered at once while others ask; nobody else waits behind them', () => {
    const { begun, enter, end } = at(new FairGate({ among: 2, alone: 4, waiting: 10 }))
    enter('ada', 'a0')
    for (let i = 0; i < 5; i++) enter('greedy', `g${i}`)
    enter('ada', 'a1')
    expect(begun).toEqual(['a0', 'g0', 'g1', 'a1'])
    end('g0')
    expect(begun).toEqual(['a0', 'g0', 'g1', 'a1', 'g2'])
    // Ended twice, as a response that closes after it was sent, it frees one place.
    end('g0')
    expect(begun).toHaveLength(5)
  })

  it('who is alone may have more, until somebody else comes; who asked a moment ago is still here', () => {
    let now = 0
    const { begun, enter, end } = at(new FairGate({ among: 1, alone: 3, waiting: 10 }, new House(() => now)))
    for (let i = 0; i < 6; i++) enter('greedy', `g${i}`)
    expect(begun).toEqual(['g0', 'g1', 'g2'])
    enter('ada', 'a0')
    expect(begun.at(-1)).toBe('a0')
    end('a0')
    end('g0')
    end('g1')
    expect(begun).toHaveLength(4)
    now = 11_000
    end('g2')
    expect(begun.slice(4)).toEqual(['g3', 'g4', 'g5'])
  })

  it('a pile waits while somebody else is being answered, in whatever gate, and is not forgotten', () => {
    let now = 0
    const house = new House(() => now)
    const looks = at(new FairGate({ among: 2, alone: 8, waiting: 60, all: 5 }, house))
    const saves = at(new FairGate({ among: 2, alone: 8, waiting: 60 }, house))
    saves.enter('ada', 'save')
    for (let i = 0; i < 9; i++) looks.enter('greedy', `g${i}`)
    const { begun } = looks
    looks.end('g0')
    expect(begun).toEqual(['g0', 'g1'])
    // Ada is answered: the pile goes on.
    saves.end('save')
    expect(begun).toEqual(['g0', 'g1', 'g2'])
    // Others are answered all day long: after a second of it the pile has a turn.
    for (const name of ['save 2', 'save 3']) saves.enter('ada', name)
    looks.end('g1')
    expect(begun).toHaveLength(3)
    now = 1_500
    saves.end('save 2')
    expect(begun).toEqual(['g0', 'g1', 'g2', 'g3'])
  })

  it('of all people together no more are answered at once, and whoever had no turn for the longest is next', () => {
    const { begun, enter, end } = at(new FairGate({ among: 2, alone: 2, waiting: 10, all: 2 }))
    for (const name of ['a0', 'a1', 'a2']) enter('ada', name)
    enter('bo', 'b0')
    enter('cy', 'c0')
    expect(begun).toEqual(['a0', 'a1'])
    end('a0')
    expect(begun.at(-1)).toBe('b0')
    end('a1')
    expect(begun.at(-1)).toBe('c0')
    end('b0')
    expect(begun.at(-1)).toBe('a2')
  })

  it('so many wait, and whoever has more is told; who hangs up gives up their place', () => {
    const { begun, enter, end } = at(new FairGate({ among: 1, alone: 1, waiting: 2 }))
    enter('greedy', 'g0')
    const leave = enter('greedy', 'g1')!
    enter('greedy', 'g2')
    expect(enter('greedy', 'g3')).toBeUndefined()
    leave()
    expect(enter('greedy', 'g4')).toBeDefined()
    end('g0')
    end('g2')
    expect(begun).toEqual(['g0', 'g2', 'g4'])
  })

  it('nobody is remembered once nothing of theirs is under way', () => {
    const gate = new FairGate({ among: 1, alone: 1, waiting: 2 })
    const { enter, end } = at(gate)
    enter('ada', 'a')
    enter('ada', 'b')
    end('a')
    expect(gate.size).toBe(1)
    end('b')
    expect(gate.size).toBe(0)
  })
})

describe('whose turn it is', () => {
  it('is told by the session, not by what else a browser sends; strangers have no turns', () => {
    const one = personOf(ask({ headers: { cookie: 'measures=us; hitchet=abc' } }))
    expect(personOf(ask({ headers: { cookie: 'hitchet=abc; theme=dark' } }))).toBe(one)
    expect(personOf(ask({ headers: { cookie: 'hitchet=abd' } }))).not.toBe(one)
    expect(personOf(ask({ headers: { cookie: 'nothitchet=abc' } }))).toBeUndefined()
    expect(personOf(ask({}))).toBeUndefined()
    expect(one).not.toContain('abc')
  })

  it('what is fetched ahead waits by itself, saving not behind looking; parts of pages wait for nothing', () => {
    expect(gateOf(ask({}))).toBe('looks')
    expect(gateOf(ask({ method: 'PUT', url: '/api/households/x' }))).toBe('saves')
    expect(gateOf(ask({ url: '/api/take-homes/x/paper/letter' }))).toBe('asks')
    expect(gateOf(ask({ url: '/households/x/match' }))).toBe('looks')
    expect(gateOf(ask({ headers: { 'next-router-prefetch': '1' } }))).toBe('ahead')
    expect(gateOf(ask({ headers: { 'sec-purpose': 'prefetch;prerender' } }))).toBe('ahead')
    expect(['/_next/static/x.js', '/api/strips/a/1/small', '/api/health'].every(isLight)).toBe(true)
    expect(['/', '/yard', '/api/take-homes/x/paper/letter'].some(isLight)).toBe(false)
  })
})
