import { describe, expect, it } from 'vitest'
import type { Household } from '../household/household'
import type { QuestionId } from '../questions/index'
import { answerTo } from '../testing/answerTo'
import { couple, household, person } from '../testing/someone'
import { berth, fixture, unit } from '../testing/unit'
import { ESSENTIALS, toNote, unconverted, withPlan, type Essential } from './drawn'
import { withNoted } from './equipment'
import type { Trailer } from './trailer'

const INSIDE = [
  fixture('toilet', [10, 10, 19, 22]),
  fixture('shower', [40, 10, 36, 30], { headroom: 80 }),
  fixture('fridge', [90, 10, 24, 24], { capacity: 12, kind: '12 V compressor' }),
  fixture('counter', [120, 10, 70, 24]),
  fixture('sink', [124, 12, 25, 18], { bowls: 1, depth: 8 }),
  fixture('cooktop', [160, 12, 20, 20], { burners: 3 }),
  fixture('booth', [190, 40, 40, 44], { seats: 4 }),
]
const BED = berth('bed', 60, 80, { shape: { rect: [4, 40, 80, 50] }, access: ['door', 'off-door'] })
const they = household(couple())

/** Which question an essential is for, besides whether one gets to it. */
const FOR: Record<Essential, QuestionId> = {
  toilet: 'bath',
  shower: 'bath',
  cooktop: 'galley',
  fridge: 'galley',
  sink: 'galley',
  table: 'seating',
}

/** The unit without one of them, and nobody looked. */
function without(essential: Essential): Trailer {
  const kinds: readonly string[] = ESSENTIALS[essential].kinds
  const { absent: _absent, ...trailer } = unit({
    fixtures: INSIDE.filter(({ kind }) => !kinds.includes(kind)),
    berths: [BED],
  })
  return trailer
}

const answer = (id: QuestionId, trailer: Trailer, of: Household = they) => answerTo({ id }, trailer, of)

describe('what is neither drawn nor noted as not there', () => {
  it.each(Object.keys(ESSENTIALS) as Essential[])('%s is measure, not none; and never fits', (essential) => {
    const given = answer(FOR[essential], without(essential))
    expect(given.verdict).toBe('measure')
    expect(given.missing).toContain(toNote(essential))
    if (essential !== 'table') expect(answer('reach', without(essential)).verdict).not.toMatch(/fits|tight/)
  })

  it.each(Object.keys(ESSENTIALS) as Essential[])('%s is none once somebody looked', (essential) => {
    const looked = withNoted(without(essential), essential, false, { source: 'measured', by: 'Nell' })
    const given = answer(FOR[essential], looked)
    expect(given.missing).not.toContain(toNote(essential))
    expect(given.words).toMatch(/There is no|no kitchen sink/)
  })

  it('a drawing that is not finished grants no wish for a lack, and denies none for a thing', () => {
    const open = without('toilet')
    const done = withNoted(open, 'toilet', false, { source: 'measured' })
    const wanting = (stances: Household['stances']) => household(they.people, { stances })
    for (const [question, stances] of [
      ['wishes', { theaterSeats: 'avoid' }],
      ['wishes', { jackknifeSofa: 'must' }],
      ['wishes', { noSlide: 'must' }],
      ['galley', { oven: 'must' }],
      ['bath', { tub: 'avoid' }],
      ['seating', { centralTv: 'must' }],
    ] as const) {
      const waits = answer(question, open, wanting(stances))
      expect([question, waits.verdict]).toEqual([question, 'measure'])
      expect(waits.missing).toContain(toNote('toilet'))
      expect(answer(question, done, wanting(stances)).missing).not.toContain(toNote('toilet'))
    }
  })

  it('nothing outside drawn is no outside kitchen for nobody; looked and nothing there is', () => {
    const bare = unit({ fixtures: INSIDE, berths: [BED] })
    const keen = household(they.people, { stances: { outsideKitchen: 'must' } })
    expect(answer('galley', bare, keen)).toMatchObject({ verdict: 'measure', missing: [toNote('outside')] })
    const looked = withNoted(bare, 'outside', false, { source: 'measured' })
    expect(answer('galley', looked, keen).verdict).toBe('no')
  })

  it('drawing what was noted as not there takes the note back', () => {
    const none = withNoted(without('toilet'), 'toilet', false, { source: 'measured' })
    expect(none.absent).toMatchObject([{ kind: 'toilet' }])
    expect(withPlan(none, { ...none.plan, fixtures: INSIDE }).absent).toBeUndefined()
  })
})

describe('seats of which nobody noted whether they make up into a bed', () => {
  const sofa = unit({ fixtures: [...INSIDE.slice(0, 6), fixture('futon', [190, 40, 40, 44])], berths: [BED] })
  const people = (count: number) => household(Array.from({ length: count }, () => person({ age: 40, height: 68 })))

  it('two left over may lie on it: measure, and it is said what to look at', () => {
    const given = answer('sleep', sofa, people(3))
    expect(given).toMatchObject({ verdict: 'measure', missing: [toNote('conversion')] })
    expect(given.words).toContain('Nobody has noted whether the futon makes up into a bed.')
  })

  it('six left over do not', () => expect(answer('sleep', sofa, people(8)).verdict).toBe('no'))

  it('and none do where somebody looked', () => {
    const looked = withNoted(sofa, 'conversion', false, { source: 'measured' })
    expect(unconverted(looked)).toEqual([])
    expect(answer('sleep', looked, people(3)).verdict).toBe('no')
  })
})
