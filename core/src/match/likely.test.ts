import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { COUPLE, FAMILY } from '../testing/lot'
import { household, person, vehicle } from '../testing/someone'
import type { Trailer } from '../trailer/trailer'
import { factSheet } from './factSheet'
import { likelySays } from './likely'
import { rankWithChanges, type Match } from './match'

const WEIGHTS = ['uvw', 'gvwr', 'cargoCapacity', 'hitchWeight', 'axleRating'] as const
const without = (trailer: Trailer, stock: string, given: Partial<Trailer> = {}): Trailer => ({
  ...trailer,
  ...given,
  stock,
  readings: Object.fromEntries(
    Object.entries(trailer.readings).filter(([key]) => !WEIGHTS.some((one) => one === key)),
  ) as Trailer['readings'],
})
const weak = household([person({ weight: 170 })], {
  limits: {},
  vehicle: vehicle({
    towRating: 5_600,
    payload: 1_700,
    gcwr: 13_000,
    curbWeight: 5_200,
    hitchTongue: 900,
    hitchTrailer: 9_000,
  }),
})
const ranked = (...yard: Trailer[]): Match[] =>
  rankWithChanges(
    yard.map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) })),
    weak,
    RULES,
  )
const order = (...yard: Trailer[]) => ranked(...yard).map(({ id }) => id)

/** Drawn a hair otherwise: another plan of the same model. */
const redrawn = { plan: { ...FAMILY.plan, box: { ...FAMILY.plan.box, tongue: FAMILY.plan.box.tongue + 1 } } }

describe('a unit that nobody weighed beside one drawn like it that is too heavy', () => {
  it('never stands before what nearly fits, in whatever order they are listed', () => {
    const yard = [without(FAMILY, 'A-UNREAD'), FAMILY, COUPLE]
    for (const listed of [yard, yard.toReversed()]) expect(order(...listed).at(-1)).toBe('A-UNREAD')
    expect(ranked(...yard).at(-1)).toMatchObject({ standing: 'measure', likely: { question: 'tow', like: 'FAMILY' } })
  })
  it('says which unit tells so, and by what', () => {
    const [says] = [phraseText(likelySays('tow', 'FAMILY'))]
    expect(says).toContain('FAMILY')
    expect(says).toContain('towing')
  })
  it('is told by its model too, and by nothing where it is unlike all others', () => {
    const last = (...yard: Trailer[]) => ranked(...yard).find(({ id }) => id === 'A-UNREAD')!.likely
    expect(last(without(FAMILY, 'A-UNREAD', redrawn), FAMILY, COUPLE)).toMatchObject({ like: 'FAMILY' })
    expect(last(without(FAMILY, 'A-UNREAD', { ...redrawn, model: 'Else' }), FAMILY, COUPLE)).toBeUndefined()
  })
  it('may do after all where another of its like was read and does', () => {
    const light = { ...FAMILY, stock: 'LIGHT', readings: { ...FAMILY.readings, ...COUPLE.readings } }
    const yard = [without(FAMILY, 'A-UNREAD'), FAMILY, light]
    const found = ranked(...yard)
    const tow = Object.fromEntries(found.map(({ id, answers }) => [id, answers.tow!.verdict]))
    expect(tow).toMatchObject({ FAMILY: 'no', 'A-UNREAD': 'measure' })
    expect(['fits', 'tight']).toContain(tow.LIGHT)
    expect(found.find(({ id }) => id === 'A-UNREAD')!.likely).toBeUndefined()
  })
})
