import { describe, expect, it } from 'vitest'
import { householdFlaws } from '../household/consistency'
import { householdDoubts } from '../household/doubts'
import { phraseText } from '../quantity/phrase'
import { answerTo } from '../testing/answerTo'
import { couple, household, person, readings, vehicle } from '../testing/someone'
import { berth, conversion, equipment, standardEquipment, unit } from '../testing/unit'
import { trailerFlaws } from '../trailer/consistency'
import { doubtsOf } from '../trailer/doubts'
import type { Trailer } from '../trailer/trailer'
import { sleep } from '../questions/sleep/sleep'
import { tow } from '../questions/tow/tow'

const said = (trailer: Trailer) => doubtsOf(trailer).map(({ key, says }) => `${key}: ${phraseText(says)}`)
const queen = (length: number) =>
  unit({ berths: [berth('bed', 60, length, { name: 'Queen', shape: { rect: [10, 10, 80, 60] } })] })
const bed = (trailer: Trailer) => trailer.plan.berths[0]!

describe('a figure that can be, and is odd', () => {
  it.each([
    ['a digit too many', queen(800), /mattressLength: Queen: mattress length .*: usual is .*\. 80 in\?$/],
    ['feet for inches', queen(6.5), /usual is 40 in to 90 in\. 65 in\?$/],
    ['two 20 lb cylinders as one of 220', unit({}, {}, [equipment('lp-cylinder', { count: 1, size: 220 })]), /22 lb\?/],
    ['a year in a weight', unit({}, { uvw: 2026, gvwr: 3000 }), /readings\.uvw: .* that is its model year/],
    ['kilograms for pounds', unit({}, { uvw: 1100, gvwr: 2200, hitchWeight: 140 }), /uvw: .* kilograms, 2,425 lb\?/],
    ['a mattress far beyond its drawing', queen(88), undefined],
    [
      'a hitch weight of half the trailer',
      unit({}, { hitchWeight: 1800 }),
      /hitchWeight: .* 10 to 15 % of it is usual/,
    ],
  ])('%s is questioned, with what it might be', (_, trailer, words) => {
    if (words) expect(said(trailer).join('\n')).toMatch(words)
    else expect(said(trailer)).toEqual([])
  })

  it('carries no Fits until somebody confirms it, and then it counts', () => {
    const two = household(couple())
    expect(answerTo(sleep, queen(80), two).verdict).toBe('fits')
    const odd = queen(800)
    const answer = answerTo(sleep, odd, two)
    expect(answer).toMatchObject({ verdict: 'measure', missing: ['plan.berths.bed.mattressLength'] })
    expect(answer.words).toMatch(/^Queen: mattress length .* 80 in\?/)
    bed(odd).readings!.mattressLength![0]!.confirmed = true
    expect(answerTo(sleep, odd, two).verdict).toBe('fits')
  })

  it('an odd tow rating is no rating, and the answer says which', () => {
    const pulls = (towRating: number) =>
      answerTo(
        tow,
        unit({}, {}, standardEquipment()),
        household([person()], {
          vehicle: vehicle({ towRating, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000 }),
        }),
      )
    expect(pulls(9000).verdict).toBe('fits')
    expect(pulls(90_000)).toMatchObject({ verdict: 'measure' })
    expect(pulls(90_000).words).toMatch(/Tow rating 90,000 lb: usual is 1,000 lb to 40,000 lb\. 9,000 lb\?/)
  })

  it.each([
    [{ age: 40, height: 6.2 }, true],
    [{ age: 40, height: 77 }, false],
    [{ age: 9, height: 53, weight: 66 }, false],
    [{ age: 9, height: 72 }, true],
    [{ age: 4, weight: 160 }, true],
    [{ age: 40, height: 84, sure: ['height' as const] }, false],
  ])('of a person: %o', (given, odd) => {
    expect(householdDoubts(household([person({ weight: undefined, ...given })])).length > 0).toBe(odd)
  })
})

describe('figures that contradict each other are said where they stand', () => {
  const flaws = (trailer: Trailer) => trailerFlaws(trailer).map(({ path, severity }) => `${severity} ${path}`)
  const wallWindow = (y: number) => ({
    id: 'w',
    kind: 'exit' as const,
    from: [60, y] as [number, number],
    to: [90, y] as [number, number],
  })
  it.each([
    ['a cargo label over GVWR less UVW', unit({}, { cargoCapacity: 1900 }), 'warning readings.cargoCapacity'],
    ['axles under GVWR', unit({}, { axles: 1, axleRating: 3000 }), 'warning readings.axleRating'],
    ['a window in no wall', unit({ windows: [wallWindow(40)] }), 'warning plan.windows[0]'],
    ['a box without a door', unit({ doors: [] }), 'warning plan.doors'],
    [
      'a slide longer than its wall',
      unit({ slides: [{ id: 's', wall: 'door', start: 200, length: 90, depth: 30 }] }),
      'warning plan.slides[0]',
    ],
    [
      'a bed of no ground',
      unit({
        berths: [
          berth('bed', 60, 80, {
            shape: {
              polygon: [
                [10, 10],
                [40, 10],
                [80, 10],
              ],
            },
          }),
        ],
      }),
      'error plan.berths[0].shape',
    ],
    [
      'a conversion that excludes itself',
      unit({ conversions: [conversion('a', { excludes: ['a'] })] }),
      'error plan.conversions[0].excludes',
    ],
  ])('%s', (_, trailer, flaw) => expect(flaws(trailer)).toContain(flaw))

  it('and none of what is right', () => {
    expect(flaws(unit())).toEqual([])
    expect(flaws(unit({ windows: [wallWindow(96), { ...wallWindow(0), id: 'v' }] }))).toEqual([])
  })

  it('two made-up beds of one thing, which the file does not say', () => {
    const [a, b] = [conversion('a', { uses: ['sofa'] }), conversion('b', { uses: ['sofa'] })]
    const sofa = {
      id: 'sofa',
      kind: 'futon' as const,
      shape: { rect: [100, 2, 60, 36] as [number, number, number, number] },
    }
    const [said_] = trailerFlaws(unit({ fixtures: [sofa], conversions: [a, b] }))
    expect(said_).toMatchObject({ severity: 'warning', path: 'plan.conversions[0].excludes' })
    expect(said_!.expected).toBe('"b" among them: both are made of "sofa"')
  })

  it.each([
    ['payload over GVWR less curb weight', { gvwr: 7000, payload: 2400 }, 'vehicle.readings.payload'],
    ['GCWR under curb weight', { gcwr: 5000, curbWeight: 5400, towRating: 1000 }, 'vehicle.readings.curbWeight'],
    ['a tow rating over GCWR less curb weight', { towRating: 12000 }, 'vehicle.readings.towRating'],
  ])('%s', (_, changed, path) => {
    const of = household([person()])
    const given = { ...of.vehicle, readings: { ...of.vehicle.readings, ...readings(changed) } }
    expect(householdFlaws({ ...of, vehicle: given }).map((flaw) => flaw.path)).toContain(path)
    expect(householdFlaws(of)).toEqual([])
  })
})
