import { describe, expect, it } from 'vitest'
import { flawText } from '../flaws/flaw'
import { phraseText } from '../quantity/phrase'
import { unit } from '../testing/unit'
import { atSite, standingOf, summaryOf } from './fits'
import { parseParks } from './parksCsv'
import { USUAL_SITES, type Site } from './site'

const awning = (projection?: number) => ({
  id: 'awning',
  kind: 'awning' as const,
  wall: 'door' as const,
  start: 60,
  length: 120,
  ...(projection && { readings: { projection: [{ value: projection, source: 'measured' as const }] } }),
})
const slide = { id: 's', wall: 'off-door' as const, start: 60, length: 100, depth: 36 }
/** 24 ft over all, 96 in wide. */
const trailer = (plan = {}, figures = {}) =>
  unit(plan, { overallHeight: 132, powerCord: 300, shorePower: '30 A', ...figures })
const site = (given: Partial<Site> = {}): Site => ({ park: 'Ashmere', loop: 'B', length: 300, ...given })
const against = (of: ReturnType<typeof trailer>, at: Site) =>
  atSite(standingOf(of), at).against.map((one) => phraseText(one))

describe('where it fits', () => {
  it('by its length over all, its width with slides and awning out, and its height with the AC', () => {
    expect(against(trailer(), site())).toEqual([])
    expect(against(trailer(), site({ length: 276 }))).toEqual(['12 in too long'])
    // 96 in of box, 36 of slide, 96 of awning: 228 in.
    const open = trailer({ slides: [slide], outside: [awning(96)] })
    expect(standingOf(open).openWidth).toBe(228)
    expect(against(open, site({ width: 220 }))).toEqual(['8 in too wide with slides and awning out'])
    expect(against(trailer(), site({ height: 126 }))).toEqual(['6 in too high for the way in'])
  })

  it('a small unit with canvas and kitchen out takes 15 ft 6 in (common practice): it does not stand on 14 ft', () => {
    const small = trailer({ box: { length: 170, width: 84, wall: 2, tongue: 40, bumper: 6 }, outside: [awning(102)] })
    expect(standingOf(small).openWidth).toBe(186)
    expect(against(small, site({ width: 168 }))).toHaveLength(1)
  })

  it('what nobody measured is to be measured where it decides, and never fits by itself', () => {
    const { overallHeight: _height, ...rest } = trailer().readings
    const low = { ...trailer(), readings: rest }
    expect(atSite(standingOf(low), site({ height: 150 })).unread).toEqual(['readings.overallHeight'])
    expect(atSite(standingOf(low), site()).unread).toEqual([])
    const unread = trailer({ outside: [awning()] })
    expect(atSite(standingOf(unread), site({ width: 180 })).unread).toEqual(['plan.outside.awning.projection'])
    expect(atSite(standingOf(unread), site({ width: 300 })).unread).toEqual([])
  })

  it('what a post gives is a matter of adapters, cords and hoses', () => {
    const bring = atSite(standingOf(trailer()), site({ amps: 50, cord: 336, hose: 480 })).bring.map((one) =>
      phraseText(one),
    )
    expect(bring).toEqual([
      'an adapter from 30 A to 50 A, and no more than 30 A',
      'a longer cord, 28 ft to the post',
      'a hose of 40 ft',
    ])
  })

  it('the longer the unit, the fewer the sites', () => {
    const count = (overallLength: number) =>
      USUAL_SITES.filter((one) => against(trailer({}, { overallLength }), one).length === 0).length
    const counts = [180, 260, 300, 360, 420].map(count)
    expect([...counts].sort((a, b) => b - a)).toEqual(counts)
    expect(counts[0]).toBe(USUAL_SITES.length)
    const answers = USUAL_SITES.map((one) => atSite(standingOf(trailer({}, { overallLength: 300 })), one))
    expect(phraseText(summaryOf(answers))).toBe(
      'It fits 11 of 14 sites round here; not Ashmere’s loop B or Sawtooth Gap’s Rim loop.',
    )
  })
})

describe('a dealership’s own table', () => {
  it('is read as people write it', () => {
    const text = "Park,Loop,Length,Height,Amps\nAshmere,A,45 ft,13'6,50 A\nMill Hollow,,30 ft,,\n"
    expect(parseParks(text)).toEqual({
      flaws: [],
      sites: [
        { park: 'Ashmere', loop: 'A', length: 540, height: 162, amps: 50 },
        { park: 'Mill Hollow', loop: 'All sites', length: 360 },
      ],
    })
  })

  it.each<[string, string, RegExp]>([
    [
      'a length that is none',
      'park,loop,length\nAshmere,A,long',
      /^row 2, length: found "long"; right would be a length from 3 to 200 ft/,
    ],
    [
      'no length',
      'park,loop,length\nAshmere,A,45 ft\nAshmere,B,',
      /^row 3, length: missing; right would be the length of the pad/,
    ],
    [
      'other amperes',
      'park,loop,length,amps\nAshmere,A,45 ft,20',
      /^row 2, amps: found "20"; right would be one of 15, 30, 50/,
    ],
    ['another first row', 'name;len\nAshmere;45', /^row 1: found .*right would be a first row with park, loop, length/],
    ['nothing', '', /^row 1/],
  ])('%s keeps all of it out, and is named', (_, text, words) => {
    const { sites, flaws } = parseParks(text)
    expect(sites).toEqual([])
    expect(flawText(flaws[0]!)).toMatch(words)
  })
})
