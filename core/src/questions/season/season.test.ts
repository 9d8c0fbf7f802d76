import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { coldestHeld, frostAt, hottestHeld } from '../../camping/warmth'
import { shellOf } from '../../camping/shell'
import type { Trip } from '../../household/household'
import { answerTo } from '../../testing/answerTo'
import { household, person } from '../../testing/someone'
import { emptyPlan, equipment, unit } from '../../testing/unit'
import type { ReadingValue } from '../../readings/reading'
import type { Trailer } from '../../trailer/trailer'
import { season } from './season'

const trailer = (figures: Record<string, ReadingValue> = {}, machines = [equipment('furnace', { heating: 20000 })]) =>
  unread(unit({}, figures, [equipment('air-conditioner', { cooling: 13500 }), ...machines]), 'underbelly' in figures)
/** Whether anybody looked below. */
function unread(of: Trailer, below: boolean): Trailer {
  if (below) return of
  const { underbelly: _underbelly, ...readings } = of.readings
  return { ...of, readings }
}

const asked = (of: ReturnType<typeof trailer>, trip: Partial<Trip>) =>
  answerTo(season, of, household([person()], { trip: { nights: 4, hookups: 'full', season: 'winter', ...trip } }))

describe('is it right for their season', () => {
  it('summer at the lakes asks little; winter there freezes the tanks of an open underbelly', () => {
    expect(asked(trailer({ underbelly: 'open' }), { season: 'summer' }).verdict).toBe('fits')
    const frozen = asked(trailer({ underbelly: 'open' }), { place: 'lakes' })
    expect(frozen.verdict).toBe('no')
    expect(frozen.words).toContain(
      'Its tanks stay above freezing down to 32 °F while it is kept warm, for nights of 8 °F in January: they would be drained, not used.',
    )
    expect(frozen.cautions).toContain('frost')
  })

  it('a heated underbelly with pads and power stays above freezing where a heated one alone does not', () => {
    const heated = { underbelly: 'enclosed and heated' }
    expect(asked(trailer({ ...heated, tankPads: false }), { place: 'lakes' }).words).toContain('down to 10 °F')
    expect(asked(trailer({ ...heated, tankPads: true }), { place: 'lakes' }).words).toContain('down to 0 °F and colder')
    // Pads want power for the night.
    expect(asked(trailer({ ...heated, tankPads: true }), { place: 'lakes', hookups: 'none' }).words).toContain(
      'down to 10 °F',
    )
  })

  it('what nobody looked at is to be measured in frost, and does not matter in the warmth', () => {
    expect(asked(trailer(), { place: 'lakes' })).toMatchObject({ verdict: 'measure', missing: ['readings.underbelly'] })
    expect(asked(trailer(), { season: 'summer' }).verdict).toBe('fits')
    const { absent: _absent, ...unread } = trailer({ underbelly: 'enclosed' }, [])
    expect(asked(unread, { place: 'gulf' })).toMatchObject({
      verdict: 'measure',
      missing: ['equipment.furnace.heating'],
    })
  })

  it('without a furnace it is no for frost, and canvas ends ask more of one than walls', () => {
    const none = {
      ...trailer({ underbelly: 'enclosed' }, []),
      absent: [{ kind: 'furnace' as const, source: 'measured' as const }],
    }
    expect(asked(none, { place: 'gulf' })).toMatchObject({ verdict: 'no', brief: 'no furnace' })
    const canvas = { id: 'c', wall: 'front' as const, start: 10, length: 70, depth: 48 }
    const folded = trailer({ underbelly: 'enclosed' })
    folded.plan = { ...folded.plan, canvasEnds: [canvas, { ...canvas, id: 'd', wall: 'rear' }] }
    expect(asked(folded, { place: 'gulf' }).words).toMatch(
      /^Down to [34]\d °F or only [34]\d °F, by how well the walls are insulated, its furnace holds 65 °F/,
    )
    expect(asked(trailer({ underbelly: 'enclosed' }), { place: 'gulf' }).words).toMatch(/down to 0 °F and colder/)
  })

  it('in the desert’s summer an AC without power stands still, and with it holds so many degrees', () => {
    const hot = { place: 'desert', season: 'summer' } as const
    expect(asked(trailer(), { ...hot, hookups: 'none' }).words).toContain(
      'Without power at the site its AC stands still, on days of 105 °F',
    )
    expect(asked(trailer(), hot).words).toMatch(/The AC holds 78 °F up to \d+ °F, for days of 105 °F in July/)
    const without = {
      ...trailer(),
      equipment: [equipment('furnace', { heating: 20000 })],
      absent: [{ kind: 'air-conditioner' as const, source: 'measured' as const }],
    }
    expect(asked(without, hot).words).toContain('It has no AC, for days of 105 °F')
  })

  it('a claim stays a claim, beside what it comes to', () => {
    const words = asked(trailer({ underbelly: 'enclosed', season: 'four-season' }), { place: 'gulf' }).words
    expect(words).toContain(
      'The maker calls it four-season, which would be warm inside and nothing frozen at 0 °F: reckoned, it is so down to 27 °F.',
    )
  })
})

describe('the limits themselves', () => {
  it('by hand: 15,000 BTU/h over 200 BTU/h a degree are 75 degrees below 65', () =>
    expect(coldestHeld({ furnace: 15_000, heatLoss: 200 }, 65)).toBe(-10))

  it('by hand: below the floor 0.4 of the way up to 65 F is 32 F at 10 F outside', () =>
    expect(frostAt('enclosed and heated', false, 65)).toBeCloseTo(10, 6))

  it('a larger furnace or AC never holds less, and a better wall neither', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 5_000, max: 40_000 }),
        fc.integer({ min: 80, max: 500 }),
        fc.integer({ min: 1, max: 5_000 }),
        (given, heatLoss, more) => {
          const shell = shellOf(emptyPlan())
          expect(coldestHeld({ furnace: given + more, heatLoss }, 65)).toBeLessThanOrEqual(
            coldestHeld({ furnace: given, heatLoss }, 65),
          )
          expect(coldestHeld({ furnace: given, heatLoss: heatLoss + more }, 65)).toBeGreaterThanOrEqual(
            coldestHeld({ furnace: given, heatLoss }, 65),
          )
          expect(hottestHeld(given + more, heatLoss, shell, 2, 78)).toBeGreaterThanOrEqual(
            hottestHeld(given, heatLoss, shell, 2, 78),
          )
        },
      ),
    ))

  it('13,500 BTU/h are ordinary on a box of 22 ft: it holds 78 F on a day of 95 (common practice)', () => {
    const box = shellOf(emptyPlan({ box: { length: 264, width: 96, wall: 2, tongue: 40, bumper: 8 } }))
    expect(hottestHeld(13_500, 220, box, 2, 78)).toBeGreaterThan(95)
    expect(hottestHeld(13_500, 220, box, 2, 78)).toBeLessThan(125)
  })
})
