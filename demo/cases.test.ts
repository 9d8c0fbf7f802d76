import { describe, expect, it } from 'vitest'
import { factSheet } from '../core/src/match/factSheet'
import { judgeFor } from '../core/src/match/judge'
import { rank } from '../core/src/match/match'
import { phraseText } from '../core/src/quantity/phrase'
import type { QuestionId } from '../core/src/questions/index'
import type { Verdict } from '../core/src/questions/reason'
import { isUpper } from '../core/src/nights/facts'
import { sharedFor } from '../core/src/solver/solvers'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import { households as demoHouseholds, trailers as demoTrailers } from './testing/files'

const trailers = demoTrailers()
const households = new Map(demoHouseholds().map((one) => [one.name, one]))
const sheets = new Map(trailers.map((trailer) => [trailer.stock, factSheet(trailer, DEFAULT_HOUSE_RULES)]))
const answers = (household: string, stock: string) =>
  judgeFor(households.get(household)!, DEFAULT_HOUSE_RULES)(sheets.get(stock)!)

const FERRAND = 'The Ferrand-Nunn family'
const OKORO = 'The Okoro-Lindt family'
const ROOKE = 'Inga Solberry and Tam Rooke'
const SALKA = 'Dorian Salka'
const UNDERHAY = 'Joss and Mabel Underhay'
const VOSSBERG = 'Hanna and Pim Vossberg'

/**
 * What an experienced consultant would say of a unit to these people (common practice), and what the program
 * must therefore answer.
 */
const CASES: [
  says: string,
  household: string,
  stock: string,
  question: QuestionId,
  verdict: Verdict,
  reason: RegExp,
][] = [
  ['seven do not sleep in a two-bunk unit', FERRAND, 'T-107', 'sleep', 'no', /No berth is left for/],
  [
    'seven lie down in a double bunkhouse, with everything made up',
    FERRAND,
    'T-118',
    'sleep',
    'tight',
    /All 7 have a berth/,
  ],
  ['a mid-size SUV does not pull a double bunkhouse', FERRAND, 'T-118', 'tow', 'no', /tow rating is 5,000 lb/],
  ['nor a thirty-three footer', FERRAND, 'T-135', 'tow', 'no', /tow rating is 5,000 lb/],
  ['seven in one bath queue', FERRAND, 'T-118', 'bath', 'tight', /One bath for 7 people: a queue in the morning/],
  [
    'a quad bunkhouse beds six without making anything up',
    OKORO,
    'T-135',
    'sleep',
    'fits',
    /Bo in the off-door lower bunk/,
  ],
  ['and is about all that a half-ton carries with six in it', OKORO, 'T-135', 'tow', 'tight', /payload is 2,060 lb/],
  [
    'in the two-bedroom the U-dinette is a bed every night',
    OKORO,
    'T-131',
    'sleep',
    'tight',
    /the U-dinette has to be made up/,
  ],
  ['it has no tub for the small one', OKORO, 'T-131', 'bath', 'tight', /would like a tub; this one has none/],
  ['a wet bath is too low for a man of 6 ft 1 in', OKORO, 'T-101', 'bath', 'no', /Efe \(6 ft 1 in\) cannot stand up/],
  [
    'a short queen is too short for 6 ft 2 in',
    ROOKE,
    'T-107',
    'sleep',
    'no',
    /No berth is left for Tam|left for Inga and Tam/,
  ],
  ['a true queen is not', ROOKE, 'T-126', 'sleep', 'fits', /Tam and Inga in the queen/],
  [
    'they do not want a tub, and this one has it',
    ROOKE,
    'T-118',
    'bath',
    'tight',
    /rather not have a tub; this one does/,
  ],
  ['a three-quarter-ton does not notice it', ROOKE, 'T-126', 'tow', 'fits', /tow rating is 14,200 lb/],
  [
    'with the slide in the sofa shuts the bunk room, but not fridge and toilet',
    OKORO,
    'T-118',
    'reach',
    'fits',
    /does not get to the lower bunk and the upper bunk at a rest stop, but does to the toilet and the refrigerator/,
  ],
  [
    'the U-dinette’s slide shuts the way to the bath',
    VOSSBERG,
    'T-119',
    'reach',
    'tight',
    /does not get to the .*toilet/,
  ],
  [
    'without a slide the road is as the camp',
    UNDERHAY,
    'T-103',
    'reach',
    'fits',
    /No slide: on the road everything is within reach/,
  ],
  [
    'whoever sleeps on the U-dinette of that one has one door',
    ROOKE,
    'T-119',
    'exits',
    'tight',
    /in the U-dinette bed: only one way out at night, by the entry door/,
  ],
  ['six eat in two sittings at a booth', OKORO, 'T-118', 'seating', 'tight', /they eat in 2 sittings/],
  ['a shower of two feet is too small to turn in', UNDERHAY, 'T-104', 'bath', 'tight', /circle of 24 in: too small/],
  [
    'an outside kitchen at the rear stands in the rain',
    OKORO,
    'T-135',
    'galley',
    'fits',
    /No awning covers the outside kitchen/,
  ],
  [
    'a convection microwave bakes in an oven’s place',
    ROOKE,
    'T-112',
    'galley',
    'tight',
    /in its place a convection microwave/,
  ],
  [
    '6 ft 5 in barely lies in a true queen',
    SALKA,
    'T-103',
    'sleep',
    'tight',
    /Dorian has the queen, with 1 in of mattress to spare/,
  ],
  [
    'and just stands under its skylight',
    SALKA,
    'T-103',
    'bath',
    'tight',
    /just stands up in the shower, with nothing to spare/,
  ],
  [
    'eight inches over what the site takes is too long',
    SALKA,
    'T-112',
    'park',
    'no',
    /25 ft 8 in overall, and they want at most 25 ft/,
  ],
  ['a unit whose hitch weight nobody took is not promised', SALKA, 'T-121', 'tow', 'measure', /weigh the tongue/],
  ['nor a tub that nobody measured under', SALKA, 'T-121', 'bath', 'measure', /has to be measured, pan to skylight/],
  ['a small SUV takes a small couple’s trailer', UNDERHAY, 'T-103', 'tow', 'tight', /./],
  ['but not one with a slide', UNDERHAY, 'T-119', 'tow', 'no', /./],
  ['grandparents sleep in the bed', VOSSBERG, 'T-112', 'sleep', 'fits', /Pim and Hanna in the short queen/],
  [
    'and with grandchildren one bed is made up',
    VOSSBERG,
    'T-112',
    'sleep',
    'fits',
    /With guests \(a few times a year\) all 4 sleep, with one bed made up/,
  ],
  ['with bunks nothing is made up for them', VOSSBERG, 'T-118', 'sleep', 'fits', /all 4 sleep, with nothing made up/],
  ['two and a half feet too long is too long', VOSSBERG, 'T-131', 'park', 'no', /37 ft 8 in overall/],
]

describe('what an experienced consultant would say', () => {
  it.each(CASES)('%s (%s, %s)', (_, household, stock, question, verdict, reason) => {
    const answer = answers(household, stock)[question]!
    expect(answer.verdict).toBe(verdict)
    expect(answer.because.map(({ says }) => phraseText(says)).join(' ')).toMatch(reason)
  })
})

describe('every answer over the whole lot', () => {
  const all = [...households.values()].flatMap((household) =>
    trailers.map((trailer) => ({
      name: `${household.name}, ${trailer.stock}`,
      household,
      trailer,
      answers: judgeFor(household, DEFAULT_HOUSE_RULES)(sheets.get(trailer.stock)!),
    })),
  )

  it('the sentence that decides is the first, and the margin is its own', () => {
    for (const one of all)
      for (const answer of Object.values(one.answers)) {
        expect(answer.because[0]!.verdict, one.name).toBe(answer.verdict)
        if (answer.margin) expect(answer.because[0]!.margin, one.name).toEqual(answer.margin)
      }
  })

  it('what is short is no or tight, never fits; what is measured names its reading', () => {
    for (const one of all)
      for (const { verdict, margin, missing } of Object.values(one.answers)) {
        if (margin && margin.value < 0) expect(['no', 'tight'], one.name).toContain(verdict)
        if (verdict === 'measure') expect(missing.length, one.name).toBeGreaterThan(0)
      }
  })

  it('no child under six lies in an upper bunk, no bunk carries more than its limit, and nobody lies twice', () => {
    for (const { household, trailer, name } of all) {
      const { everyNight, guestNight } = sharedFor(household, DEFAULT_HOUSE_RULES)(sheets.get(trailer.stock)!).nights
      for (const { placements } of guestNight ? [everyNight, guestNight] : [everyNight]) {
        const lying = placements.flatMap(({ people }) => people.map(({ id }) => id))
        expect(new Set(lying).size, name).toBe(lying.length)
        for (const { berth, people } of placements) {
          if (isUpper(berth)) for (const { age } of people) expect(age, name).toBeGreaterThanOrEqual(6)
          if (berth.limit !== undefined)
            expect(
              people.reduce((sum, { weight }) => sum + (weight ?? 0), 0),
              name,
            ).toBeLessThanOrEqual(berth.limit)
        }
      }
    }
  })

  it('the demo has something for everybody but the seven behind a mid-size SUV', () => {
    const fitting = [...households.values()].map(
      (household) =>
        [
          household.name,
          rank(
            trailers.map(({ stock }) => ({ id: stock, facts: sheets.get(stock)! })),
            household,
            DEFAULT_HOUSE_RULES,
          ).filter(({ standing }) => standing === 'fits').length,
        ] as const,
    )
    for (const [name, count] of fitting) expect(count > 0, name).toBe(name !== FERRAND)
  })
})
