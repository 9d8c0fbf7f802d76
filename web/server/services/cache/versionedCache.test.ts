import { describe, expect, it } from 'vitest'
import type { KeptHousehold } from '../../db/households'
import { VersionedCache } from './versionedCache'

const HOUSEHOLD = { id: 'h1', version: 4 } as KeptHousehold
const UNIT = { id: 'u1', version: 7 }

describe('what was made lately of a household on a unit', () => {
  it('is made once while both are as they were, also for two who look at the same time', async () => {
    const lately = new VersionedCache<{ number: number }>(10)
    let made = 0
    const look = (household = HOUSEHOLD, unit = UNIT) => lately.of(household, unit, async () => ({ number: ++made }))
    expect(await Promise.all([look(), look()])).toEqual([{ number: 1 }, { number: 1 }])
    expect(await look()).toEqual({ number: 1 })
    expect(await look({ ...HOUSEHOLD, version: 5 })).toEqual({ number: 2 })
    expect(await look(HOUSEHOLD, { id: 'u1', version: 8 })).toEqual({ number: 3 })
    expect(await look(HOUSEHOLD, { id: 'u2', version: 7 })).toEqual({ number: 4 })
    expect(await look()).toEqual({ number: 1 })
  })

  it('is made anew after it failed, and after the unit was gone', async () => {
    const lately = new VersionedCache<{ number: number }>(10)
    await expect(lately.of(HOUSEHOLD, UNIT, () => Promise.reject(new Error('away')))).rejects.toThrow('away')
    expect(await lately.of(HOUSEHOLD, UNIT, async () => undefined)).toBeUndefined()
    expect(await lately.of(HOUSEHOLD, UNIT, async () => ({ number: 1 }))).toEqual({ number: 1 })
  })
})
