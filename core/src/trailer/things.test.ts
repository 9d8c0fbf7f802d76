import { variantOf } from '../match/asking/variants'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '../formats/document'
import { tapeList, waitedFor } from '../match/asking/tapeList'
import { factSheet } from '../match/factSheet'
import { judgeFor } from '../match/judge'
import { best } from '../readings/reading'
import { household, person } from '../testing/someone'
import { berth, fixture, unit } from '../testing/unit'
import type { Household } from '../household/household'
import { thingAt, thingsOf, withReading } from './things'
import type { Trailer } from './trailer'

const trailer = unit({
  berths: [berth('bunk', 30, 74, { id: 'lower', name: 'Lower bunk' })],
  fixtures: [fixture('toilet', [10, 60, 19, 22]), fixture('shower', [40, 60, 30, 30])],
  slides: [{ id: 's', wall: 'off-door', start: 90, length: 60, depth: 20 }],
})
const untouched = JSON.stringify(trailer)
const reading = (value: number) => ({ value, source: 'measured', on: '2026-11-25', by: 'Nell' }) as const

describe('what can be read on a trailer', () => {
  it('every thing goes by a path of its own', () => {
    const paths = thingsOf(trailer).map(({ path }) => path)
    expect(paths).toEqual([
      'readings',
      'features',
      'equipment.fresh-tank',
      'equipment.lp-cylinder',
      'equipment.furnace',
      'equipment.air-conditioner',
      'equipment.heater',
      'plan.fixtures.toilet',
      'plan.fixtures.shower',
      'plan.berths.lower',
      'plan.slides.s',
    ])
  })

  it.each([
    ['readings.uvw', 3600],
    ['equipment.fresh-tank.capacity', 31],
    ['plan.fixtures.shower.headroom', 77],
    ['plan.berths.lower.weightLimit', 300],
    ['plan.slides.s.insideHeight', 66],
  ])('%s: one more reading, the others kept, and still a good document', (key, value) => {
    const before = best(thingAt(trailer, key)!.thing.readings?.[thingAt(trailer, key)!.reading])
    const added = withReading(trailer, key, reading(value))!
    const { thing, reading: name } = thingAt(added, key)!
    expect(thing.readings![name]!.at(-1)).toEqual(reading(value))
    if (before) expect(thing.readings![name]).toContainEqual(before)
    expect(
      parseTrailer(JSON.parse(JSON.stringify(added))).flaws.filter(({ severity }) => severity === 'error'),
    ).toEqual([])
    expect(JSON.stringify(trailer)).toBe(untouched)
  })

  it.each([['plan.berths.upper.weightLimit'], ['readings.shoeSize'], ['nonsense']])('%s leads nowhere', (key) => {
    expect(thingAt(trailer, key)).toBeUndefined()
    expect(withReading(trailer, key, reading(1))).toBeUndefined()
  })
})

describe('what to measure next', () => {
  const light = household([person({ height: 66 })], { name: 'Light' })
  const tall = household([person({ height: 66 }), person({ height: 67 })], { name: 'Two' })
  const waits = (of: Household, on: Trailer, answers = judgeFor(of, RULES)(factSheet(on, RULES))) => ({
    name: of.name,
    waits: waitedFor(variantOf(on, RULES), of, answers, RULES),
  })
  const list = tapeList(
    trailer,
    [light, tall].map((one) => waits(one, trailer)),
  )

  it('first what most households wait for, each with its question and its place', () => {
    expect(list[0]).toMatchObject({ households: ['Light', 'Two'] })
    const headroom = list.find(({ key }) => key === 'plan.fixtures.shower.headroom')!
    expect(headroom).toMatchObject({
      name: 'Shower: shower headroom',
      id: 'shower',
      spec: { how: 'Pan to skylight' },
      households: ['Light', 'Two'],
      questions: ['bath'],
    })
    const counts = list.map(({ households }) => households.length)
    expect(counts).toEqual([...counts].sort((a, b) => b - a))
  })

  it('a reading that changes nobody’s answer is waited for by nobody', () => {
    // A second shower nobody measured: it is the roomier one that counts, and that one is known to be high enough.
    const two = unit({
      fixtures: [
        fixture('toilet', [10, 60, 19, 22], { room: 28 }, { faces: 'front' }),
        fixture('shower', [40, 60, 30, 30], { headroom: 84 }),
        fixture('shower', [90, 60, 30, 30], {}, { id: 'second' }),
      ],
    })
    const answers = judgeFor(light, RULES)(factSheet(two, RULES))
    const asks = { ...answers, bath: { ...answers.bath!, missing: ['plan.fixtures.second.headroom'] } }
    expect(
      tapeList(two, [waits(light, two, asks)]).find(({ key }) => key === 'plan.fixtures.second.headroom')!.households,
    ).toEqual([])
  })

  it('of two that are missing together both are waited for', () => {
    const { hitchWeight: _hitch, gvwr: _gvwr, ...rest } = trailer.readings
    const unweighed = { ...trailer, readings: rest }
    const answers = judgeFor(light, RULES)(factSheet(unweighed, RULES))
    expect(answers.tow).toMatchObject({ verdict: 'measure' })
    const waited = tapeList(unweighed, [waits(light, unweighed, answers)])
      .filter(({ questions }) => questions.includes('tow'))
      .map(({ key }) => key)
    expect(waited).toEqual(answers.tow!.missing.filter((key) => key.startsWith('readings.')))
  })

  it('what nobody waits for comes last, and what is read already not at all', () => {
    expect(list.at(-1)!.households).toEqual([])
    expect(list.map(({ key }) => key)).not.toContain('readings.uvw')
  })

  it('once it is taken it is off the list', () => {
    const after = withReading(trailer, 'plan.fixtures.shower.headroom', reading(77))!
    expect(tapeList(after, []).map(({ key }) => key)).not.toContain('plan.fixtures.shower.headroom')
  })
})
