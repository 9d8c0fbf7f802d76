import { afterEach, describe, expect, it } from 'vitest'
import { BadSettings, settings } from './settings'
import { dayOf, today } from './today'

const before = process.env.HITCHET_TIME_ZONE
afterEach(() => {
  if (before === undefined) delete process.env.HITCHET_TIME_ZONE
  else process.env.HITCHET_TIME_ZONE = before
})

describe('the clock of the house', () => {
  it('half past six in the evening in Denver is still today, though in London it is tomorrow', () => {
    const evening = new Date('2026-11-26T01:30:00Z')
    process.env.HITCHET_TIME_ZONE = 'America/Denver'
    expect(dayOf(evening)).toBe('2026-11-25')
    expect(today(0, evening)).toBe('2026-11-25')
    expect(today(7, evening)).toBe('2026-12-02')
    process.env.HITCHET_TIME_ZONE = 'Europe/London'
    expect(dayOf(evening)).toBe('2026-11-26')
  })
  it('no day is lost or doubled where clocks change', () => {
    process.env.HITCHET_TIME_ZONE = 'America/Denver'
    const days = Array.from({ length: 5 }, (_, n) => today(n, new Date('2026-10-30T18:00:00Z')))
    expect(days).toEqual(['2026-10-30', '2026-10-31', '2026-11-01', '2026-11-02', '2026-11-03'])
  })
  it('a zone that is none is said before anything starts', () => {
    const env = { DATABASE_URL: 'mariadb://u:p@127.0.0.1:3306/h', SESSION_SECRET: 'x'.repeat(32) }
    expect(() => settings({ ...env, HITCHET_TIME_ZONE: 'Ohio' })).toThrow(BadSettings)
    expect(() => settings({ ...env, HITCHET_TIME_ZONE: 'America/New_York' })).not.toThrow()
  })
})
