import { describe, expect, it } from 'vitest'
import { flawText } from '../../flaws/flaw'
import { parseHousehold } from '../../formats/document'
import type { Household } from '../../household/household'
import type { Stance, StanceId } from '../../household/wishes/stances'
import { phraseText } from '../../quantity/phrase'
import { factsOn } from '../../match/factSheet'
import { judgeFor } from '../../match/judge'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { answerTo } from '../../testing/answerTo'
import type { ReadingValue } from '../../readings/reading'
import { household, person, readings } from '../../testing/someone'
import { isFeature, WISHABLE } from '../../household/wishes/featureWishes'
import { TERMS } from '../../terms/terms'
import { berth, emptyPlan, equipment, fixture, standardEquipment, unit } from '../../testing/unit'
import type { Trailer } from '../../trailer/trailer'
import { wishes } from './wishes'

const judge = (trailer: Trailer, stances: Partial<Record<StanceId, Stance>>) =>
  answerTo(wishes, trailer, household([person()], { stances }))
const asks = (stances: Partial<Record<StanceId, Stance>>) =>
  'wishes' in judgeFor(household([person()], { stances }), RULES)(factsOn(unit(), RULES))
const slide = { id: 's', wall: 'off-door', start: 10, length: 80, depth: 30 } as const
const door = (id: string, x: number) => ({
  id,
  kind: 'entry' as const,
  from: [x, 96] as [number, number],
  to: [x + 26, 96] as [number, number],
})

/** With something in it: what is not there then is not there. */
const drawn = (plan: Partial<Trailer['plan']> = {}) =>
  unit({ fixtures: [fixture('cabinet', [10, 10, 24, 20])], ...plan })

describe('what people argue about', () => {
  it('is not asked by those who hold no stance, nor by those whose stances others answer', () => {
    expect(asks({})).toBe(false)
    expect(asks({ tub: 'must', oven: 'want' })).toBe(false)
    expect(asks({ noSlide: 'want' })).toBe(true)
  })

  it.each<[string, StanceId, Trailer, Trailer]>([
    ['a second entry door', 'secondDoor', unit({ doors: [door('a', 30), door('b', 160)] }), drawn()],
    ['a tri-fold sofa', 'triFoldSofa', unit({ fixtures: [fixture('tri-fold-sofa', [10, 10, 70, 36])] }), drawn()],
    ['a jackknife sofa', 'jackknifeSofa', unit({ fixtures: [fixture('jackknife-sofa', [10, 10, 70, 36])] }), drawn()],
    ['theater seats', 'theaterSeats', unit({ fixtures: [fixture('theater-seats', [10, 10, 60, 36])] }), drawn()],
    [
      'a glass shower door',
      'glassShower',
      unit({ fixtures: [fixture('shower', [10, 10, 30, 36], { closure: 'glass' })] }),
      unit({ fixtures: [fixture('shower', [10, 10, 30, 36], { closure: 'curtain' })] }),
    ],
    [
      'a plug for portable solar',
      'solarPort',
      unit({}, {}, [...standardEquipment(), equipment('solar-port', {})]),
      { ...drawn(), absent: [{ kind: 'solar-port', source: 'measured' }] },
    ],
    [
      'power stabilizers',
      'powerStabilizers',
      unit({}, {}, [equipment('stabilizers', { drive: 'power pairs' })]),
      unit({}, {}, [equipment('stabilizers', { drive: 'manual' })]),
    ],
    ['30 lb cylinders', 'largeCylinders', unit({}, {}, [equipment('lp-cylinder', { size: 30, count: 2 })]), drawn()],
    [
      'on-demand hot water',
      'onDemandHeater',
      unit({}, {}, [equipment('water-heater', { fuel: 'on-demand gas' })]),
      unit({}, {}, [equipment('water-heater', { fuel: 'gas and electric' })]),
    ],
  ])('%s: wanted or avoided, had or not', (name, id, having, lacking) => {
    expect(judge(having, { [id]: 'want' }).verdict).toBe('fits')
    const missed = judge(lacking, { [id]: 'want' })
    expect(missed.verdict).toBe('tight')
    expect(phraseText(missed.because[0]!.says)).toBe(`They would like ${name}; this one has none.`)
    expect(judge(having, { [id]: 'avoid' }).verdict).toBe('tight')
    expect(judge(lacking, { [id]: 'avoid' }).verdict).toBe('fits')
  })

  it.each<[Stance, Trailer, string, string]>([
    ['must', drawn(), 'fits', 'No slide, as they like it.'],
    ['must', drawn({ slides: [slide] }), 'no', 'They want no slide at all; this one has one.'],
    ['want', drawn({ slides: [slide] }), 'tight', 'They would rather have no slide; this one has one.'],
    ['avoid', drawn(), 'tight', 'They would like a slide; this one has none.'],
    ['avoid', drawn({ slides: [slide] }), 'fits', 'It has a slide.'],
  ])('no slide as a %s', (stance, trailer, verdict, words) => {
    const answer = judge(trailer, { noSlide: stance })
    expect(answer.verdict).toBe(verdict)
    expect(phraseText(answer.because[0]!.says)).toBe(words)
  })

  it('what nobody noted grants no wish, nor a must: measure, and the reading is named', () => {
    const unread = unit({ fixtures: [fixture('shower', [10, 10, 30, 36])] })
    for (const stance of ['must', 'want', 'avoid'] as const)
      expect(judge(unread, { glassShower: stance })).toMatchObject({
        verdict: 'measure',
        missing: ['plan.fixtures.shower.closure'],
      })
    const doorless = { ...unit({}, {}, [{ id: 'st', kind: 'stabilizers' as const }]), plan: emptyPlan() }
    expect(judge(doorless, { powerStabilizers: 'avoid' })).toMatchObject({
      verdict: 'measure',
      missing: ['equipment.st.drive'],
    })
  })

  it('equipment that is not on the list is looked for; this one has none only once somebody looked', () => {
    const unlooked = unit()
    expect(judge(unlooked, { solarPort: 'must' })).toMatchObject({
      verdict: 'measure',
      missing: ['equipment.solar-port'],
    })
    expect(judge(unlooked, { solarPort: 'avoid' }).verdict).toBe('measure')
    const looked: Trailer = { ...unlooked, absent: [{ kind: 'solar-port', source: 'measured' }] }
    expect(judge(looked, { solarPort: 'must' }).verdict).toBe('no')
    expect(judge(looked, { solarPort: 'avoid' }).verdict).toBe('fits')
  })
})

describe('of all that is told on a lot', () => {
  const wishing = (held: Household['wishes'], features?: Record<string, ReadingValue>) =>
    answerTo(
      wishes,
      { ...unit(), ...(features && { features: readings(features) }) },
      household([person()], { wishes: held }),
    )

  it('a wish for what it has is granted, for what it has not weighs, and avoiding turns both about', () => {
    const wants = (stance: 'want' | 'avoid', has: boolean) =>
      wishing([{ feature: 'awningLight', stance }], { awningLight: has })
    expect(wants('want', true).words).toBe('Light strip in the awning: it has it, as they like it.')
    expect(wants('want', false)).toMatchObject({
      verdict: 'tight',
      words: 'Light strip in the awning: they would like it; this one has none.',
    })
    expect(wants('avoid', true).verdict).toBe('tight')
    expect(wants('avoid', false).words).toBe('Light strip in the awning: it has none, as they like it.')
  })

  it('one of a choice is that one; what it is instead is said', () => {
    const torsion = [{ feature: 'suspension', is: 'torsion', stance: 'want' } as const]
    expect(wishing(torsion, { suspension: 'torsion' }).verdict).toBe('fits')
    expect(wishing(torsion, { suspension: 'leaf springs' }).words).toBe(
      'Suspension, torsion: they would like it; on this one it is leaf springs.',
    )
    expect(wishing([{ feature: 'roofFan', stance: 'want' }], { roofFan: 'none' }).verdict).toBe('tight')
    expect(wishing([{ feature: 'roofFan', stance: 'want' }], { roofFan: 'plain vent' }).verdict).toBe('fits')
  })

  it('what nobody looked at is to be looked at, and is on the tape list of whom it matters to', () => {
    expect(wishing([{ feature: 'washerPrep', stance: 'want' }])).toMatchObject({
      verdict: 'measure',
      missing: ['features.washerPrep'],
    })
  })

  it('a file with a wish about nothing of the catalogue is refused, with what would be right', () => {
    const written = (wish: object) =>
      parseHousehold(JSON.stringify({ ...household([person()]), wishes: [{ stance: 'want', ...wish }] }))
        .flaws.map(flawText)
        .join(' ')
    expect(written({ feature: 'awningLight' })).toBe('')
    expect(written({ feature: 'suspension', is: 'torsion' })).toBe('')
    expect(written({ feature: 'hovers' })).toMatch(/wishes\[0\]\.feature/)
    expect(written({ feature: 'suspension', is: 'wings' })).toMatch(/wishes\[0\].*or one of a choice/)
  })
})

describe('what can be read, noted or drawn on a unit', () => {
  const about = (trailer: Trailer, feature: string, stance: Stance, is?: string) =>
    answerTo(wishes, trailer, household([person()], { wishes: [{ feature, stance, ...(is && { is }) }] }))
  const withDoor = (closedBy: 'door' | 'nothing') =>
    drawn({
      rooms: [{ id: 'b', name: 'Bedroom', kind: 'bedroom', shape: { rect: [2, 2, 90, 92] }, closedBy }],
      berths: [berth('bed', 60, 74, { room: 'b' })],
    })

  it('can all be wished for, each by what the search of the yard knows it by', () => {
    const keys = new Set(TERMS.map(({ key }) => key))
    const unknown = WISHABLE.filter(({ feature }) => !isFeature(feature)).filter(
      ({ feature, is }) => !keys.has(is === undefined ? feature : `${feature}=${is}`) && !keys.has(feature),
    )
    expect(unknown).toEqual([])
    for (const label of ['Tongue jack, drive, power', 'Black-tank flush', 'Outside shower', 'A dry bath', 'Speakers'])
      expect(WISHABLE.map((one) => one.label.toLowerCase())).toContain(label.toLowerCase())
  })

  it.each<[string, string | undefined, Trailer, Trailer]>([
    ['readings.blackFlush', undefined, unit({}, { blackFlush: true }), unit({}, { blackFlush: false })],
    [
      'equipment.jack.drive',
      'power',
      unit({}, {}, [...standardEquipment(), equipment('jack', { drive: 'power' })]),
      unit({}, {}, [...standardEquipment(), equipment('jack', { drive: 'manual' })]),
    ],
    ['plan.bedroomDoor', undefined, withDoor('door'), withDoor('nothing')],
    [
      'plan.bunkLimit',
      '250 lb',
      drawn({ berths: [berth('bunk', 28, 74, { limit: 300 })] }),
      drawn({ berths: [berth('bunk', 28, 74, { limit: 150 })] }),
    ],
  ])('%s %s: a must decides, a wish weighs', (feature, is, having, lacking) => {
    expect(about(having, feature, 'must', is).verdict).toBe('fits')
    expect(about(lacking, feature, 'must', is).verdict).toBe('no')
    expect(about(lacking, feature, 'want', is).verdict).toBe('tight')
    expect(about(having, feature, 'avoid', is).verdict).toBe('tight')
  })

  it('what nobody looked at is neither had nor missed', () =>
    expect(about(unit(), 'readings.blackFlush', 'must')).toMatchObject({
      verdict: 'measure',
      missing: ['readings.blackFlush'],
    }))
})
