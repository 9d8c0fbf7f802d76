import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Moment } from '../loading/moments'
import { phraseText } from '../quantity/phrase'
import { emptyFigures, reconcile } from './reconcile'
import { weighed, type Ticket, type Weighed } from './ticket'

/** A truck of 5,600 lb that pulls 6,200, 760 of them on its hitch, bars that put 200 back to the front. */
const TICKET: Ticket = {
  bars: { steer: 3160, drive: 3060, trailer: 5580 },
  loose: { steer: 2960, drive: 3400, trailer: 5440 },
  alone: { steer: 3120, drive: 2480 },
}
const of = (ticket: Ticket): Weighed => {
  const result = weighed(ticket)
  if ('wrong' in result) throw new Error(phraseText(result.wrong))
  return result.weighed
}
const moment = (total: number, least: number, most = least): Moment => ({
  id: 'leaving',
  total,
  weights: [],
  missing: [],
  tongue: { least, most, missing: [] },
})

describe('three weighings', () => {
  it('by hand: 11,800 lb of rig less 5,600 of truck are 6,200 of trailer, 760 of them on the hitch', () => {
    expect(of(TICKET)).toEqual({
      trailer: 6200,
      tongue: 760,
      share: 760 / 6200,
      trailerAxles: 5440,
      vehicle: 5600,
      combined: 11800,
      toFront: 200,
    })
  })

  it('from any rig of truck, trailer and tongue the same come back', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 1500, max: 12000 }),
        fc.integer({ min: 5, max: 25 }),
        fc.integer({ min: 2500, max: 9000 }),
        fc.integer({ min: 0, max: 400 }),
        (trailer, percent, vehicle, moved) => {
          const tongue = Math.round((trailer * percent) / 100)
          const steer = Math.round(vehicle * 0.55)
          // The tongue stands behind the rear axle: it takes a quarter of itself off the front.
          const [front, rear] = [steer - tongue * 0.25, vehicle - steer + tongue * 1.25]
          const result = of({
            alone: { steer, drive: vehicle - steer },
            loose: { steer: front, drive: rear, trailer: trailer - tongue },
            bars: { steer: front + moved, drive: rear - 2 * moved, trailer: trailer - tongue + moved },
          })
          expect(result.trailer).toBeCloseTo(trailer, 6)
          expect(result.tongue).toBeCloseTo(tongue, 6)
          expect(result.toFront).toBeCloseTo(moved, 6)
        },
      ),
    ))

  it.each<[string, Partial<Ticket>, RegExp]>([
    ['bars that add weight', { bars: { ...TICKET.bars, drive: 3400 } }, /differ by 340 lb in all/],
    ['a vehicle heavier than the rig', { alone: { steer: 6000, drive: 6000 } }, /weighs more than the whole rig/],
    ['a tongue that lifts', { alone: { steer: 3400, drive: 3100 } }, /140 lb less with the trailer on it/],
  ])('%s is refused, and said', (_, wrong, words) => {
    const result = weighed({ ...TICKET, ...wrong })
    expect('wrong' in result && phraseText(result.wrong)).toMatch(words)
  })
})

describe('against what was reckoned', () => {
  const words = (total: number, least: number, most?: number) =>
    reconcile(of(TICKET), moment(total, least, most)).map(({ says }) => phraseText(says))

  it('within a scale’s slack it bears it out; else it says by how much and what that points to', () => {
    expect(words(6150, 740)).toEqual([
      'The trailer weighs as reckoned, within what a scale tells.',
      'The tongue weighs as reckoned, within what a scale tells.',
    ])
    expect(words(5860, 620)).toEqual([
      'The trailer weighs 340 lb more than reckoned: something rides in it that nobody wrote down.',
      'The tongue weighs 140 lb more than reckoned: more rides before the axles than was reckoned.',
    ])
    expect(words(6600, 900)[1]).toContain('140 lb less than reckoned: more rides behind the axles')
  })

  it('a range that holds the weighing is borne out', () => expect(words(6200, 500, 900)[1]).toContain('as reckoned'))

  it('an empty trailer on the scale gives its own dry weight and hitch weight; a range gives none', () => {
    const empty = { ...moment(6100, 720), id: 'empty' as const }
    const label = { uvw: 6060, hitchWeight: 690 }
    expect(emptyFigures(of(TICKET), empty, label)).toEqual({ uvw: 6160, hitchWeight: 730 })
    expect(
      emptyFigures(of(TICKET), { ...empty, tongue: { least: 600, most: 720, missing: [] } }, label),
    ).toBeUndefined()
    expect(emptyFigures(of(TICKET), empty, { uvw: 6060 })).toBeUndefined()
  })
})
