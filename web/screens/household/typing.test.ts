import { describe, expect, it } from 'vitest'
import { differing } from '../differing'
import { fieldErrors } from './fields/draftErrors'

const flaw = (path: string) => ({ path, expected: 'something else', severity: 'error' as const })

describe('flaws at their fields', () => {
  it.each([
    ['people[1].height', ['people', '1', 'height']],
    ['vehicle.readings.payload[0].value', ['vehicle', 'ratings', 'payload', 'value']],
    ['limits.budget', ['limits', 'budget']],
  ])('%s', (path, keys) => {
    const found = keys.reduce<any>((errors, key) => errors?.[key], fieldErrors([flaw(path)]))
    expect(found).toEqual({ type: 'value', message: 'something else' })
  })
})

describe('where two versions of a household differ', () => {
  const mine = { name: 'Ro', people: [{ id: 'a', name: 'Noor', needs: ['cpap'] }], limits: {} }
  it('names each leaf with both values', () => {
    expect(
      differing(mine, {
        name: 'Ro',
        people: [
          { id: 'a', name: 'Noor', needs: ['crib'] },
          { id: 'b', name: 'New' },
        ],
        limits: { budget: 30000 },
      }),
    ).toEqual([
      { path: 'Noor: needs, 1', mine: 'cpap', theirs: 'crib' },
      { path: 'New', mine: 'nothing', theirs: 'New' },
      { path: 'Limits: budget', mine: 'nothing', theirs: '30000' },
    ])
  })
  it('is nothing for two alike', () => expect(differing(mine, structuredClone(mine))).toEqual([]))
})
