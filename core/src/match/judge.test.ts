import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Household } from '../household/household'
import { QUESTIONS, questionOf, type QuestionId } from '../questions/index'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { FAMILY } from '../testing/lot'
import { household, person } from '../testing/someone'
import type { Trailer } from '../trailer/trailer'
import { factSheet, ROOMS, type FactSheet } from './factSheet'
import { judgeFor } from './judge'

/** A unit of one model: its weight, its price and the length of one mattress are its own. */
function another(uvw: number, price: number, mattress: number): Trailer {
  const unit = structuredClone(FAMILY)
  unit.readings.uvw = [{ value: uvw, source: 'label' }]
  unit.readings.askingPrice = [{ value: price, source: 'told' }]
  unit.plan.berths[0]!.readings = {
    ...unit.plan.berths[0]!.readings,
    mattressLength: [{ value: mattress, source: 'measured' }],
  }
  return unit
}

const apart = (unit: Trailer): FactSheet => JSON.parse(JSON.stringify(factSheet(unit, RULES))) as FactSheet

/** What is the same on several sheets as one object, as sheets are read from the database. */
function alike(sheets: readonly FactSheet[]): FactSheet[] {
  const known = new Map<string, unknown>()
  return sheets.map((sheet) => {
    const own: Record<string, unknown> = { ...sheet }
    for (const { id } of ROOMS) {
      const name = `${id} ${JSON.stringify(own[id])}`
      own[id] = known.get(name) ?? own[id]
      known.set(name, own[id])
    }
    return own as unknown as FactSheet
  })
}

describe('like units', () => {
  const unit = fc
    .tuple(fc.constantFrom(4_200, 5_600, 7_400), fc.constantFrom(21_000, 39_000), fc.constantFrom(58, 68, 74, 80))
    .map(([uvw, price, mattress]) => another(uvw, price, mattress))
  const family = fc
    .tuple(
      fc.integer({ min: 55, max: 78 }),
      fc.constantFrom(1, 2, 4),
      fc.constantFrom(25_000, 45_000),
      fc.constantFrom('never', 'monthly', 'most trips'),
      fc.constantFrom(62, 74, undefined),
    )
    .map(([height, children, budget, guestsCome, guest]): Household =>
      household(
        [
          person({ id: 'a', name: 'Ro', age: 40, height, weight: 180 }),
          ...Array.from({ length: children }, (_, i) =>
            person({ id: `c${i}`, name: `Mi ${i}`, age: 6 + 3 * i, height: 45 + 5 * i, weight: 60 }),
          ),
          person({ id: 'g', name: 'Ta', age: 66, height: guest, guest: true }),
        ],
        { limits: { budget }, guestsCome },
      ),
    )

  it('are answered as if each were judged for itself, in whatever order they come', () => {
    fc.assert(
      fc.property(fc.array(unit, { minLength: 2, maxLength: 5 }), family, (units, one) => {
        const sheets = units.map(apart)
        const together = judgeFor(one, RULES)
        expect(alike(sheets).map(together)).toEqual(sheets.map((sheet) => judgeFor(one, RULES)(sheet)))
      }),
      { numRuns: 25 },
    )
  })

  it('are judged once where nothing differs that a question looks at', () => {
    const one = household([person({ height: 70, weight: 170 })], { limits: { budget: 40_000 } })
    const judged: string[] = []
    const counting = QUESTIONS.map((question) => ({
      ...question,
      judge: (asked: never) => {
        judged.push(question.id)
        return (question.judge as (asked: never) => ReturnType<typeof question.judge>)(asked)
      },
    })) as unknown as typeof QUESTIONS
    const sheets = alike(
      [another(5_000, 30_000, 75), another(5_400, 30_000, 75), another(5_400, 32_000, 62)].map(apart),
    )
    const times = (id: string) => judged.filter((each) => each === id).length
    sheets.forEach(judgeFor(one, RULES, counting))
    expect(times('galley')).toBe(1)
    // By weight two of them differ, by price another two, by a mattress one, which is too short: they lie elsewhere.
    expect([times('tow'), times('price'), times('reach')]).toEqual([2, 2, 2])
    judged.length = 0
    alike([another(5_000, 30_000, 75), another(5_000, 30_000, 78)].map(apart)).forEach(judgeFor(one, RULES, counting))
    // Longer by three inches, the same bed: whether it fits is asked again, how one gets out of it is not.
    expect([times('sleep'), times('reach'), times('exits'), times('stow')]).toEqual([2, 1, 1, 1])
  })

  it('who is asked apart is judged apart: nothing is kept from one household to the next', () => {
    const [sheet] = alike([apart(FAMILY)])
    const sleeps = (height: number) =>
      judgeFor(household([person({ height })]), RULES, [questionOf('sleep')])(sheet!).sleep!
    expect(sleeps(60)).not.toEqual(sleeps(100))
  })
})

describe('guests of whom nobody asked how often they come', () => {
  const six = [
    ...Array.from({ length: 2 }, (_, i) => person({ id: `h${i}`, name: `Host ${i}` })),
    ...Array.from({ length: 4 }, (_, i) =>
      person({ id: `g${i}`, name: `Guest ${i}`, age: 9, height: 52, weight: 60, guest: true }),
    ),
  ]
  const facts = factSheet(FAMILY, RULES)
  const bath = (guestsCome: Household['guestsCome']) => judgeFor(household(six, { guestsCome }), RULES)(facts).bath!
  it('count in every question of living where they come on most trips', () => {
    expect(bath('a few times a year').verdict).toBe('fits')
    expect(bath('most trips').verdict).toBe('tight')
  })
  it('and are asked about where that decides, in every question', () => {
    expect(bath('never')).toMatchObject({ verdict: 'measure', missing: ['household.guestsCome'] })
    const [never, few, most] = (['never', 'a few times a year', 'most trips'] as const).map((guestsCome) =>
      judgeFor(household(six, { guestsCome }), RULES)(facts),
    )
    for (const id of Object.keys(never!) as QuestionId[]) {
      const ends = [few![id]!.verdict, most![id]!.verdict]
      expect(ends[0] === ends[1] ? ends : [...ends, 'measure'], id).toContain(never![id]!.verdict)
    }
  })
})
