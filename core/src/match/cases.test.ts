import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { describe, expect, it } from 'vitest'
import type { Household, Person } from '../household/household'
import { STANCE_IDS, type StanceId } from '../household/stances'
import { phraseText } from '../quantity/phrase'
import { CAUTIONS, type CautionId } from '../questions/cautions'
import type { QuestionId } from '../questions/index'
import type { Verdict } from '../questions/reason'
import { COUPLE, FAMILY, LONG } from '../testing/lot'
import { couple, household, person, vehicle } from '../testing/someone'
import type { Trailer } from '../trailer/trailer'
import { factSheet } from './factSheet'
import { judgeFor } from './match'

const three = { towRating: 14000, payload: 2900, gcwr: 23000, curbWeight: 6900, hitchTongue: 1500, length: 250 }
const half = { towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, length: 232 }
const suv = { towRating: 5000, payload: 1200, gcwr: 10500, curbWeight: 4500, hitchTongue: 500, length: 198 }
const pulls = (ratings: object, given: Partial<Household> = {}): Partial<Household> => ({
  vehicle: vehicle(ratings as never),
  ...given,
})
const pair = (height = 70, other = 65) =>
  couple({ name: 'Ro', height, weight: 185, age: 40 }, { name: 'Mi', height: other, weight: 145, age: 38 })
const child = (name: string, age: number, height: number, weight: number, given: Partial<Person> = {}) =>
  person({ name, age, height, weight, ...given })
const four = [...pair(), child('Ta', 9, 53, 66), child('Jo', 7, 48, 52)]
const of = (people: Person[], given: Partial<Household> = {}) => household(people, { ...pulls(three), ...given })
const want = (stances: Household['stances'], people: Person[] = [...pair()]) => of(people, { stances })
const gear = (
  name: string,
  size: [number, number, number],
  count: number,
  weight: number,
  given = {},
): Household['gear'][number] => ({
  id: name.toLowerCase().replaceAll(' ', '-'),
  name,
  count,
  weight,
  size: { length: size[0], width: size[1], height: size[2] },
  rides: 'trailer',
  ...given,
})

/** Common practice: what a consultant of many years would say, written down before the program was asked. */
const CASES: {
  says: string
  of: Household
  unit: Trailer
  question: QuestionId
  verdict: Verdict
  reason: RegExp
  caution?: CautionId
}[] = [
  {
    says: 'Two and two in a bunkhouse: parents in front, children in the bunks, nothing to make up.',
    of: of(four),
    unit: FAMILY,
    question: 'sleep',
    verdict: 'fits',
    reason:
      /Ro and Mi in the short queen, Jo in the (lower|upper) bunk and Ta in the (lower|upper) bunk|All 4 have a berth/,
    caution: 'exits',
  },
  {
    says: 'A man of 6 ft 3 in does not lie in a short queen.',
    of: of([...pair(75)]),
    unit: FAMILY,
    question: 'sleep',
    verdict: 'no',
    reason: /No berth that fits is left for Ro and Mi|left for Ro/,
  },
  {
    says: 'In the true queen he does.',
    of: of([...pair(75)]),
    unit: COUPLE,
    question: 'sleep',
    verdict: 'fits',
    reason: /Ro and Mi in the queen/,
  },
  {
    says: 'Six in it: the dinette and more is a bed every night.',
    of: of([...four, child('Li', 11, 57, 80), child('Ed', 12, 60, 90)]),
    unit: FAMILY,
    question: 'sleep',
    verdict: 'tight',
    reason: /made up/,
  },
  {
    says: 'A child of four stays out of the upper bunk.',
    of: of([...pair(), child('Ta', 9, 53, 66), child('Bo', 4, 40, 36)]),
    unit: FAMILY,
    question: 'sleep',
    verdict: 'fits',
    reason: /Bo in the lower bunk and Ta in the upper bunk|Ta in the upper bunk and Bo in the lower bunk/,
    caution: 'upper-bunk',
  },
  {
    says: 'A teenager of 170 lb is too heavy for the upper one.',
    of: of([...pair(), child('Al', 16, 69, 170), child('Jo', 7, 48, 52)]),
    unit: FAMILY,
    question: 'sleep',
    verdict: 'fits',
    reason: /Al in the lower bunk/,
  },
  {
    says: 'The sheet says eight; by width it is fewer grown people.',
    of: of(four),
    unit: FAMILY,
    question: 'sleep',
    verdict: 'fits',
    reason: /The sheet says 8\. By width it takes \d adults/,
  },
  {
    says: 'A CPAP wants an outlet by the bed; look for one, and ask about batteries.',
    of: of([person({ name: 'Al', needs: ['cpap'] })]),
    unit: COUPLE,
    question: 'sleep',
    verdict: 'measure',
    reason: /whether an outlet is within reach of the queen, for Al’s CPAP/,
    caution: 'cpap',
  },
  {
    says: 'Grandmother wants a room of her own: with a curtain before it she half has it.',
    of: of([person({ name: 'Oma', age: 74, height: 63, needs: ['own room'] })]),
    unit: COUPLE,
    question: 'sleep',
    verdict: 'tight',
    reason: /only a curtain before Oma’s bed/,
  },
  {
    says: 'The crib goes on the floor of the bedroom.',
    of: of([...pair(), child('Bo', 1, 30, 22, { needs: ['crib'] })]),
    unit: LONG,
    question: 'sleep',
    verdict: 'fits',
    reason: /Bo’s crib stands/,
  },
  {
    says: 'Grandchildren now and then: one bed to make is fine.',
    of: of([...pair(), child('Ta', 8, 50, 58, { guest: true })], { guestsCome: 'monthly' }),
    unit: COUPLE,
    question: 'sleep',
    verdict: 'fits',
    reason: /With guests \(monthly\) all 3 sleep, one bed made up/,
  },
  {
    says: 'If all eight come, a tent.',
    of: of([...pair(), ...[1, 2, 3, 4].map((n) => child(`K${n}`, 13, 62, 110, { guest: true, seldom: true }))], {
      guestsCome: 'monthly',
    }),
    unit: COUPLE,
    question: 'sleep',
    verdict: 'fits',
    reason: /When everybody comes, 6 of them, .* have no berth: a tent, then/,
  },
  {
    says: 'Every bed has its window to climb out of, or a door.',
    of: of(four),
    unit: FAMILY,
    question: 'exits',
    verdict: 'fits',
    reason: /Two ways out of every berth/,
    caution: 'exits',
  },
  {
    says: 'With its slide in, one does not get to the bunks by the road.',
    of: want({ roadAccess: 'want' }, four),
    unit: FAMILY,
    question: 'reach',
    verdict: 'fits',
    reason: /at a rest stop|still within reach/,
  },
  {
    says: 'No slide: everything is within reach on the road.',
    of: want({ roadAccess: 'must' }),
    unit: COUPLE,
    question: 'reach',
    verdict: 'fits',
    reason: /No slide: on the road everything is within reach/,
  },
  {
    says: 'A mid-size SUV does not pull 5,400 lb dry.',
    of: of(four, pulls(suv)),
    unit: FAMILY,
    question: 'tow',
    verdict: 'no',
    reason: /tow rating 5,000 lb/,
    caution: 'ratings',
  },
  {
    says: 'It pulls the small one, with little to spare.',
    of: of([...pair()], pulls(suv)),
    unit: COUPLE,
    question: 'tow',
    verdict: 'tight',
    reason: /./,
  },
  {
    says: 'A half-ton pulls the bunkhouse until the family sits in it.',
    of: of(four, pulls({ ...half, payload: 1150 })),
    unit: FAMILY,
    question: 'tow',
    verdict: 'no',
    reason: /payload is 1,150 lb/,
  },
  {
    says: 'Three-quarter ton for the long one.',
    of: of([...pair()]),
    unit: LONG,
    question: 'tow',
    verdict: 'fits',
    reason: /tow rating 14,000 lb/,
  },
  {
    says: 'A generator and its can ride outside, never with the people.',
    of: of([...pair()], { gear: [gear('Generator', [20, 12, 18], 1, 47, { fuel: true, turns: 'upright' })] }),
    unit: COUPLE,
    question: 'stow',
    verdict: 'fits',
    reason: /All 1 things go in/,
    caution: 'fuel',
  },
  {
    says: 'Four bikes do not go through a pass-through door.',
    of: of(four, { gear: [gear('Bikes', [60, 9, 36], 4, 26)] }),
    unit: FAMILY,
    question: 'stow',
    verdict: 'tight',
    reason: /The 4 bikes do not go in: 60 in long goes through no door/,
  },
  {
    says: 'What is heavy in front makes the hitch heavy.',
    of: of([...pair()], { gear: [gear('Totes', [28, 18, 15], 3, 60)] }),
    unit: COUPLE,
    question: 'tow',
    verdict: 'fits',
    reason: /Their gear, 180 lb in its bays, puts about \d+ lb on the hitch/,
  },
  {
    says: 'Over the site’s thirty feet.',
    of: of([...pair()], { limits: { trailerLength: 360 } }),
    unit: LONG,
    question: 'park',
    verdict: 'no',
    reason: /they want at most 30 ft/,
    caution: 'parks',
  },
  {
    says: 'It has the tub they want for the small one.',
    of: want({ tub: 'must' }, [...pair(), child('Bo', 3, 38, 32)]),
    unit: FAMILY,
    question: 'bath',
    verdict: 'fits',
    reason: /It has a tub/,
  },
  {
    says: 'Five in one bath: a queue.',
    of: of([...four, child('Li', 11, 57, 80)]),
    unit: FAMILY,
    question: 'bath',
    verdict: 'tight',
    reason: /One bath for 5 people: a queue/,
  },
  {
    says: 'The second bath they asked for is there.',
    of: want({ secondBath: 'must' }),
    unit: LONG,
    question: 'bath',
    verdict: 'fits',
    reason: /It has a second bath/,
  },
  {
    says: 'Without an oven she would miss one.',
    of: want({ oven: 'want' }),
    unit: COUPLE,
    question: 'galley',
    verdict: 'tight',
    reason: /would like an oven; there is none/,
  },
  {
    says: 'They cook outside, and this one has it.',
    of: want({ outsideKitchen: 'want' }, four),
    unit: FAMILY,
    question: 'galley',
    verdict: 'fits',
    reason: /It has an outside kitchen/,
  },
  {
    says: 'They want a compressor fridge, and this is gas and electric.',
    of: want({ compressorFridge: 'want' }),
    unit: FAMILY,
    question: 'galley',
    verdict: 'tight',
    reason: /12 V compressor fridge; there is none/,
  },
  {
    says: 'He does not trust LP on the road.',
    of: want({ gasElectricFridge: 'avoid' }),
    unit: FAMILY,
    question: 'galley',
    verdict: 'tight',
    reason: /rather not have a gas-electric fridge; it has/,
  },
  {
    says: 'Two theater seats straight before the TV: both watch.',
    of: want({ centralTv: 'want' }),
    unit: LONG,
    question: 'seating',
    verdict: 'tight',
    reason: /face the TV|It has a TV all can face/,
  },
  {
    says: 'No table in it: they would eat on their knees.',
    of: of([...pair()]),
    unit: LONG,
    question: 'seating',
    verdict: 'tight',
    reason: /There is no table inside/,
  },
  {
    says: 'He works on the road: there is no desk in the small one.',
    of: of([person({ name: 'Al', needs: ['work place'] })]),
    unit: COUPLE,
    question: 'seating',
    verdict: 'tight',
    reason: /Al works on the road: there is no desk/,
  },
  {
    says: 'They must have bunks.',
    of: want({ bunks: 'must' }),
    unit: COUPLE,
    question: 'sleep',
    verdict: 'no',
    reason: /must have bunks/,
  },
  {
    says: 'No slide, as they insist.',
    of: want({ noSlide: 'must' }),
    unit: FAMILY,
    question: 'wishes',
    verdict: 'no',
    reason: /They want no slide at all; it has one/,
  },
  {
    says: 'A second door for the children to slip out of: they would rather not.',
    of: want({ secondDoor: 'avoid' }),
    unit: LONG,
    question: 'wishes',
    verdict: 'tight',
    reason: /rather not have a second entry door; it has/,
  },
  {
    says: 'A drill does it for them, buttons are not wanted.',
    of: want({ powerStabilizers: 'avoid' }),
    unit: LONG,
    question: 'wishes',
    verdict: 'tight',
    reason: /rather not have power stabilizers; it has/,
  },
  {
    says: '30 lb cylinders, as they like.',
    of: want({ largeCylinders: 'want' }),
    unit: LONG,
    question: 'wishes',
    verdict: 'fits',
    reason: /It has 30 lb cylinders/,
  },
  {
    says: 'Nobody wants a jackknife.',
    of: want({ jackknifeSofa: 'avoid' }),
    unit: FAMILY,
    question: 'wishes',
    verdict: 'tight',
    reason: /rather not have a jackknife sofa; it has/,
  },
  {
    says: 'A tri-fold, as they like.',
    of: want({ triFoldSofa: 'want' }),
    unit: LONG,
    question: 'wishes',
    verdict: 'fits',
    reason: /It has a tri-fold sofa/,
  },
  {
    says: 'No theater seats for the two of them.',
    of: want({ theaterSeats: 'want' }),
    unit: COUPLE,
    question: 'wishes',
    verdict: 'tight',
    reason: /would like theater seats; there is none/,
  },
  {
    says: 'The glass shower they asked for.',
    of: want({ glassShower: 'want' }),
    unit: COUPLE,
    question: 'wishes',
    verdict: 'fits',
    reason: /It has a glass shower door/,
  },
  {
    says: 'A plug for the panel that stands in the sun.',
    of: want({ solarPort: 'want' }),
    unit: COUPLE,
    question: 'wishes',
    verdict: 'fits',
    reason: /It has a plug for portable solar/,
  },
  {
    says: 'Hot water without end.',
    of: want({ onDemandHeater: 'want' }),
    unit: LONG,
    question: 'wishes',
    verdict: 'fits',
    reason: /It has on-demand hot water/,
  },
  {
    says: 'Five thousand over what they have.',
    of: of([...pair()], { limits: { budget: 50000 } }),
    unit: LONG,
    question: 'price',
    verdict: 'no',
    reason: /./,
  },
]

const sheets = new Map([FAMILY, COUPLE, LONG].map((one) => [one.stock, factSheet(one, RULES)]))

describe('what an experienced person would say', () => {
  it.each(CASES.map((one) => [one.says, one] as const))(
    '%s',
    (_, { of: people, unit, question, verdict, reason, caution }) => {
      const answer = judgeFor(people, RULES)(sheets.get(unit.stock)!)[question]!
      const words = answer.because.map(({ says }) => phraseText(says)).join(' ')
      expect(words).toMatch(reason)
      expect(answer.verdict, words).toBe(verdict)
      if (caution) expect(answer.cautions).toContain(caution)
    },
  )

  it('is at least forty cases, over every stance and every caution', () => {
    expect(CASES.length).toBeGreaterThanOrEqual(40)
    expect(STANCE_IDS.filter((id: StanceId) => !CASES.some((one) => one.of.stances[id]))).toEqual([])
    expect((Object.keys(CAUTIONS) as CautionId[]).filter((id) => !CASES.some(({ caution }) => caution === id))).toEqual(
      [],
    )
  })
})
