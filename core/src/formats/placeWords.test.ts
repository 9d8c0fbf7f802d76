import { describe, expect, it } from 'vitest'
import { error } from '../flaws/flaw'
import { berth, fixture, unit } from '../testing/unit'
import { couple, household } from '../testing/someone'
import { parseAny, parseTrailer } from './document'
import { flawWords, placeWords } from './placeWords'

const trailer = unit({
  berths: [berth('bed', 60, 80, { name: 'Queen' }), berth('upper-bunk', 30, 74, { name: 'Top' })],
  fixtures: [fixture('toilet', [200, 36, 22, 17])],
})
const they = household(couple({ name: 'Ro' }, { name: 'Mi' }))

describe('a place in a document, as people call it', () => {
  it.each([
    ['plan.berths[0].readings.mattressLength[0].value', 'Queen: mattress length'],
    ['plan.berths[1].shape', 'Top: shape'],
    ['plan.berths[7].head', 'Bed 8: head'],
    ['plan.fixtures[0].size', 'Toilet: size'],
    ['plan.box.length', 'The box: length'],
    ['readings.gvwr', 'GVWR'],
    ['readings.uvw[0].value', 'UVW (dry)'],
    ['vin', 'VIN'],
    ['', 'The document'],
  ])('%s is %s', (path, words) => expect(placeWords(path, trailer)).toBe(words))

  it.each([
    ['people[1].height', 'Mi: height'],
    ['vehicle.readings.payload[0].value', 'Vehicle: payload'],
    ['limits.budget', 'Limits: budget'],
    ['people', 'People'],
  ])('of a household %s is %s', (path, words) => expect(placeWords(path, they)).toBe(words))

  it('of whatever stands in place of a document there are words, and no path', () => {
    for (const odd of [undefined, null, 7, [], { plan: 'none' }, { plan: { berths: { 0: { name: 5 } } } }])
      for (const path of [
        'plan.berths[0].readings.mattressLength[0].value',
        'people[1].__proto__.x',
        'constructor.name',
      ])
        expect(placeWords(path, odd)).not.toMatch(/[[\]{}]|\w\.\w/)
  })
})

describe('a flaw on a screen', () => {
  it('names the thing, what stands there and what would be right, and shows neither path nor JSON', () => {
    expect(flawWords(error('plan.berths[0].shape', { rect: [1, 2] }, 'a place inside the walls'), trailer)).toBe(
      'Queen: shape: found what stands there; right would be a place inside the walls',
    )
    expect(flawWords(error('people[0].height', 100, 'a length from 1 ft to 8 ft'), they)).toBe(
      'Ro: height: found 100; right would be a length from 1 ft to 8 ft',
    )
    expect(flawWords(error('readings.gvwr', undefined, 'a value'), trailer)).toBe('GVWR is missing')
  })

  it('what is missing as a whole is named by itself', () => {
    const { plan: _plan, ...rest } = trailer
    expect(parseTrailer(rest).flaws.map((flaw) => flawWords(flaw, rest))).toEqual(['The plan is missing'])
  })

  it('of what is no document of ours says what one would be, not what a parser stumbled over', () => {
    const [flaw] = parseAny('Dear all,').flaws
    expect(flawWords(flaw!, undefined)).toBe(
      'The document: found “Dear all,”; right would be a trailer.json or household.json, whole, as it was taken out',
    )
  })

  it('holds for every flaw that a spoiled unit has', () => {
    const spoiled = structuredClone(trailer) as any
    spoiled.plan.box.length = -240
    spoiled.plan.fixtures[0].size = 'large'
    spoiled.readings.uvw[0].value = 'heavy'
    spoiled.colour = 'red'
    const { flaws } = parseAny(spoiled)
    const words = flaws.map((flaw) => flawWords(flaw, spoiled))
    expect(words).toHaveLength(4)
    for (const one of words) expect(one).not.toMatch(/\w\.\w+[.:[]|\[\d|[{}]/)
    expect(words.join('\n')).toMatch(/UVW \(dry\): found “heavy”; right would be a number in pounds/)
  })
})

describe('all that is wrong at once', () => {
  it('where a reading is of the wrong kind, what contradicts itself besides is said in the same breath', () => {
    const spoiled = structuredClone(trailer) as any
    spoiled.readings.hitchWeight[0].value = 'heavy'
    spoiled.readings.gvwr[0].value = 3_000
    spoiled.colour = 'red'
    const paths = parseAny(spoiled).flaws.map(({ path }) => path)
    expect(paths).toEqual(expect.arrayContaining(['colour', 'readings.hitchWeight[0].value', 'readings.gvwr']))
  })

  it('nothing is made up of what was left out for that: an unread figure is no flaw', () => {
    const spoiled = structuredClone(trailer) as any
    spoiled.readings.uvw[0].value = 'light'
    expect(parseAny(spoiled).flaws.map(({ path }) => path)).toEqual(['readings.uvw[0].value'])
  })
})
