import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { camp } from '../testing/camped'
import { equipment, fixture, unit } from '../testing/unit'
import { campingFacts } from './facts'
import { endOf, whatHelps, withBatteries } from './helps'
import { habitsOf } from './habits'
import type { Camp } from './camp'

const facts = (ampHours = 80, gray = 40) =>
  campingFacts({
    ...unit({ fixtures: [fixture('fridge', [10, 2, 24, 24], { kind: '12 V compressor', capacity: 8 })] }, {}, [
      equipment('fresh-tank', { capacity: 50 }),
      equipment('gray-tank', { capacity: gray }),
      equipment('black-tank', { capacity: 30 }),
      equipment('lp-cylinder', { count: 2, size: 20 }),
      equipment('battery', { count: 1, ampHours, chemistry: 'lead-acid' }),
      equipment('furnace', { heating: 20000 }),
    ]),
    absent: [{ kind: 'solar', source: 'measured' }],
  })
const helpsOf = (of: Camp, given = facts()) =>
  whatHelps({ facts: given, camp: of }).map(({ says, nights, first }) => [phraseText(says), nights, first] as const)

describe('what would make it last, tried one by one', () => {
  it('nothing is offered to those who have enough', () => {
    expect(helpsOf(camp({ hookups: 'electric', nights: 2, washing: 'park showers' }))).toEqual([])
  })

  it('each is better than as it is, and none repeats what they do already', () => {
    const of = camp({ nights: 5, washing: 'sparing' })
    const now = endOf({ facts: facts(), camp: of, habits: habitsOf(of) })
    expect(now).toEqual({ nights: 0, first: 'battery' })
    const helps = helpsOf(of)
    expect(helps.length).toBeGreaterThan(0)
    for (const [, nights] of helps) expect(nights).toBeGreaterThan(now.nights)
    expect(helps.map(([says]) => says)).not.toContain('washing sparingly')
  })

  it('where none alone is enough, two together are named, and both are needed', () => {
    const of = camp({ nights: 2, washing: 'short showers' })
    const helps = helpsOf(of, facts(80, 20))
    const last = helps.at(-1)!
    expect(last[0]).toMatch(/^washing sparingly, and /)
    expect(last[2]).toBeUndefined()
    for (const [, , first] of helps.slice(0, -1)) expect(first).toBeDefined()
  })

  it('to dump and fill on the way helps tanks, not the battery', () => {
    const of = camp({ nights: 6, hookups: 'electric', washing: 'short showers' })
    expect(helpsOf(of).map(([says]) => says)).toContain('dumping and filling every 3 nights')
  })

  it('more batteries of its kind last longer, and none of an unread kind is invented', () => {
    const of = camp({ nights: 3 })
    const battery = (more: number) =>
      endOf({ facts: withBatteries(facts(), more), camp: of, habits: habitsOf(of) }).nights
    expect(battery(3)).toBeGreaterThan(battery(0))
    const none = { ...facts(), batteries: { banks: [], unread: [] } }
    expect(withBatteries(none, 2)).toBe(none)
  })
})
