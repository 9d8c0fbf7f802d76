import { describe, expect, it } from 'vitest'
import { BERTH_KINDS, DOOR_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS } from '../readings/catalogue'
import { SHELF } from './shelf'

const entries = SHELF.flatMap((group) => group.entries)
const kindsOf = (list: string): Set<string> =>
  new Set(entries.flatMap((one) => (one.list === list && 'kind' in one ? [one.kind as string] : [])))

describe('the drawing board’s shelf', () => {
  it.each([
    ['fixtures', Object.keys(FIXTURE_KINDS)],
    ['outside', Object.keys(OUTSIDE_KINDS)],
    ['doors', Object.keys(DOOR_KINDS)],
    // A bed that is made from something comes with what it is made from.
    ['berths', Object.entries(BERTH_KINDS).flatMap(([kind, { converted }]) => (converted ? [] : [kind]))],
  ])('holds every kind of the catalogue: %s', (list, kinds) => {
    const held = kindsOf(list)
    expect(kinds.filter((kind) => !held.has(kind))).toEqual([])
  })

  it('holds each thing in a size that one can place, and no name twice', () => {
    for (const { name, size } of entries) expect([name, Math.max(...size) > 0]).toEqual([name, true])
    for (const { title, entries: own } of SHELF)
      expect([title, new Set(own.map(({ name }) => name)).size]).toEqual([title, own.length])
  })
})
