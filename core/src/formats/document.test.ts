import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { flawText } from '../flaws/flaw'
import type { Household } from '../household/household'
import { couple, household, person } from '../testing/someone'
import { berth, fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { parsePlanSvg } from './planSvg'
import { documentText, parseAny, parseHousehold, parseTrailer } from './document'

const complaints = (source: unknown) => parseAny(source).flaws.map(flawText)

/** One unit with one thing spoiled: what is said of it. */
function spoiled(spoil: (trailer: any) => void): string[] {
  const trailer = structuredClone(
    unit({ berths: [berth('bed', 60, 80)], fixtures: [fixture('toilet', [200, 20, 19, 22])] }),
  )
  spoil(trailer)
  return complaints(trailer)
}

describe('a file that cannot be read', () => {
  it('not JSON', () => expect(complaints('{"format": "hitchet/trailer",')[0]).toMatch(/right would be JSON/))
  it('a list instead of a document', () =>
    expect(complaints('[]')[0]).toMatch(/one JSON object with "format" and "version"/))
  it('something else altogether', () =>
    expect(complaints({ format: 'shopping/list', version: 1 })).toEqual([
      'format: found "shopping/list"; right would be "hitchet/trailer" or "hitchet/household"',
    ]))
  it('a version of the future', () =>
    expect(spoiled((trailer) => (trailer.version = 9))[0]).toMatch(
      /version: found 9; right would be a version from 1 to 2/,
    ))
  it('saved in an older alphabet: it says the line and the word, and takes no broken letters', () => {
    const text = documentText(household([person({ name: 'José' })]))
    const read = new TextDecoder().decode(Buffer.from(text, 'latin1'))
    const [flaw, ...more] = parseHousehold(read).flaws.map(flawText)
    expect(more).toEqual([])
    expect(flaw).toMatch(/^line \d+: found ".*Jos.*"; right would be letters in UTF-8/)
    expect(parseHousehold(text).document!.people[0]!.name).toBe('José')
    expect(parsePlanSvg(read).flaws.map(flawText)).toEqual([flaw])
  })
  it('far too long', () => expect(complaints(' '.repeat(2_000_001))[0]).toMatch(/at most 2000000 characters/))
  it('an old version with its middle torn out', () =>
    expect(complaints({ format: 'hitchet/household', version: 1 })[0]).toMatch(/complete document of version 1/))
})

describe('a unit in which something is wrong', () => {
  it.each<[string, (trailer: any) => void, RegExp]>([
    ['an unknown key', (t) => (t.colour = 'red'), /^colour: found "red"; right would be one of the keys .*condition/],
    [
      'an unknown key deep inside',
      (t) => (t.plan.fixtures[0].size = 'large'),
      /^plan\.fixtures\[0\]\.size: found "large"; right would be one of the keys .*shape/,
    ],
    [
      'a negative length',
      (t) => (t.plan.box.length = -240),
      /^plan\.box\.length: found -240; right would be more than 0/,
    ],
    [
      'a weight in words',
      (t) => (t.readings.uvw[0].value = 'heavy'),
      /^readings\.uvw\[0\]\.value: found "heavy"; right would be a number in pounds, from 100 to 50,000/,
    ],
    [
      'a bed outside the box',
      (t) => (t.plan.berths[0].shape.rect[0] = -42),
      /^plan\.berths\[0\]\.shape: found .*; right would be a place inside the walls; it sticks out by 44 in/,
    ],
    [
      'GVWR under UVW',
      (t) => (t.readings.gvwr[0].value = 3000),
      /^readings\.gvwr: found 3000; right would be at least the UVW of 3,555 lb/,
    ],
    [
      'more on the hitch than it weighs',
      (t) => (t.readings.hitchWeight[0].value = 4000),
      /^readings\.hitchWeight: found 4000; right would be less than the UVW/,
    ],
    [
      'a VIN with a digit read wrong',
      (t) => (t.vin = '1M8GDM9AXKP042789'),
      /^vin: found "1M8GDM9AXKP042789"; right would be a VIN whose 9th sign is the check digit/,
    ],
    [
      'an id used twice',
      (t) => (t.plan.fixtures[0].id = 'bed'),
      /right would be an id that nothing else on this trailer has/,
    ],
    [
      'a berth in a room that is not there',
      (t) => (t.plan.berths[0].room = 'attic'),
      /^plan\.berths\[0\]\.room: found "attic"; right would be the id of one of plan\.rooms \(room\)/,
    ],
    [
      'a door of an unknown kind',
      (t) => (t.plan.doors[0].kind = 'saloon'),
      /^plan\.doors\[0\]\.kind: found "saloon"; right would be one of entry, cargo/,
    ],
    [
      'a kind that every object has',
      (t) => (t.plan.fixtures[0].kind = 'constructor'),
      /^plan\.fixtures\[0\]\.kind: found "constructor"; right would be one of .*toilet/,
    ],
    [
      'equipment of a kind that every object has',
      (t) => (t.equipment[0].kind = 'toString'),
      /^equipment\[0\]\.kind: found "toString"; right would be one of/,
    ],
    [
      'lists within lists without end',
      (t) => (t.plan.rooms = Array.from({ length: 10_000 }).reduce<unknown>((inner) => [inner], [])),
      /right would be at most 20 levels/,
    ],
    [
      'a source that is none',
      (t) => (t.readings.uvw[0].source = 'internet'),
      /right would be one of label, measured, sheet, told/,
    ],
  ])('%s', (_, spoil, said) => expect(spoiled(spoil)).toEqual([expect.stringMatching(said)]))

  it('says all that is wrong at once, not one thing after another', () => {
    expect(
      spoiled((t) => {
        t.colour = 'red'
        t.year = 'new'
        delete t.make
      }),
    ).toHaveLength(3)
  })

  it('a bed standing in the toilet is a warning beside a good document', () => {
    const trailer = unit({ berths: [berth('bed', 60, 80)], fixtures: [fixture('toilet', [20, 20, 19, 22])] })
    const { document, flaws } = parseTrailer(trailer)
    expect(document).toEqual(trailer)
    expect(flaws.map(({ severity }) => severity)).toContain('warning')
    expect(flawText(flaws[0]!)).toMatch(/toilet in bed by/)
  })
})

describe('a household in which something is wrong', () => {
  const [ro, mi] = couple({ id: 'ro' }, { id: 'mi' })
  it.each<[string, Household, RegExp]>([
    [
      'a partner who is not there',
      household([{ ...ro, partner: 'zoe' }]),
      /^people\[0\]\.partner: found "zoe"; right would be the id of another person/,
    ],
    [
      'a love not returned',
      household([ro, { ...mi, partner: undefined as never }, person({ id: 'x' })]),
      /^people\[0\]\.partner: found "mi"; right would be someone whose own partner is "ro"/,
    ],
    [
      'two people of one id',
      household([person({ id: 'a' }), person({ id: 'a' })]),
      /^people\[1\]\.id: found "a"; right would be an id that nothing else/,
    ],
    [
      'a height of 8 ft 4 in',
      household([person({ height: 100 })]),
      /^people\[0\]\.height: found 100; right would be a length from 1 ft to 8 ft/,
    ],
  ])('%s', (_, document, said) =>
    expect(complaints(JSON.parse(JSON.stringify(document)))).toEqual([expect.stringMatching(said)]),
  )
})

describe('files of version 1', () => {
  it('a unit: bare figures become readings from the sheet', () => {
    const { readings: _readings, ...rest } = unit()
    const { document } = parseTrailer({
      ...rest,
      version: 1,
      figures: { uvw: 3555, gvwr: 4800 },
      equipment: [{ id: 'f', kind: 'fresh-tank', figures: { capacity: 30 } }],
    })
    expect((document as Trailer).readings.uvw).toEqual([{ value: 3555, source: 'sheet' }])
    expect((document as Trailer).equipment[0]!.readings).toEqual({ capacity: [{ value: 30, source: 'sheet' }] })
  })

  it('a household: the vehicle’s ratings become hearsay', () => {
    const current = household([person()])
    const { document } = parseHousehold({
      ...current,
      version: 1,
      vehicle: { name: 'Half-ton', figures: { payload: 1500 } },
    })
    expect(document!.vehicle.readings).toEqual({ payload: [{ value: 1500, source: 'told' }] })
  })
})

describe('a document written out', () => {
  it('comes back the same, byte order mark or not', () => {
    const trailer = unit({ berths: [berth('bed', 60, 80)] })
    expect(parseTrailer(documentText(trailer)).document).toEqual(trailer)
    expect(parseTrailer(`\uFEFF${documentText(trailer)}`).document).toEqual(trailer)
  })

  it('a demo file is written as its author wrote it', () => {
    const file = readFileSync(new URL('../../../demo/households/salka.json', import.meta.url), 'utf8')
    expect(documentText(parseHousehold(file).document!)).toBe(file)
  })
})
