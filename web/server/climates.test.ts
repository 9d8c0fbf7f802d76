import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { campOf } from '@hitchet/core/camping/camp'
import { household, person } from '@hitchet/core/testing/someone'
import { DEFAULT_HOUSE_RULES } from '@hitchet/core/rules/houseRules'
import { afterAll, afterEach, describe, expect, it, vi } from 'vitest'
import { houseRules } from './houseRules'

const folder = mkdtempSync(join(tmpdir(), 'hitchet-climates-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
afterEach(() => vi.unstubAllEnvs())
const file = join(folder, 'climates.csv')
const table = (low: string) =>
  [
    'id,name,where,latitude,month,low,high,sun',
    ...Array.from({ length: 12 }, (_, i) => `ridge,our ridge,on our ridge,46,${i + 1},${low},70,60`),
  ].join('\n')
const campers = (place?: string) =>
  household([person()], { trip: { nights: 3, hookups: 'none', season: 'winter', ...(place && { place }) } })

describe('the dealership’s own kinds of country', () => {
  it('take the place of the made-up ones in all that is reckoned', () => {
    writeFileSync(file, table('-12'))
    vi.stubEnv('HITCHET_CLIMATES', file)
    const rules = houseRules()
    expect(Object.keys(rules.camping.climates)).toEqual(['ridge'])
    expect(houseRules()).toBe(rules)
    expect(campOf(campers('ridge'), rules.camping).weather.coldest).toMatchObject({ place: 'on our ridge', low: -12 })
  })

  it('a household that names one no longer there is reckoned with the first, and that counts as not said', () => {
    writeFileSync(file, table('-12'))
    vi.stubEnv('HITCHET_CLIMATES', file)
    for (const place of ['lakes', 'constructor', undefined])
      expect(campOf(campers(place), houseRules().camping)).toMatchObject({
        assumed: ['washing', 'place'],
        weather: { coldest: { place: 'on our ridge' } },
      })
  })

  it('a table with a bad row is not used at all', () => {
    const bad = join(folder, 'bad.csv')
    writeFileSync(bad, table('freezing'))
    vi.stubEnv('HITCHET_CLIMATES', bad)
    expect(houseRules()).toBe(DEFAULT_HOUSE_RULES)
  })
})
