import { describe, expect, it } from 'vitest'
import { parseHousehold } from '../formats/document'
import { factsOn } from '../match/factSheet'
import { judgeFor } from '../match/judge'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { FAMILY, HATCH, LONG } from '../testing/lot'
import { household, person, vehicle } from '../testing/someone'
import { householdDoubts } from './doubts'
import { draftOf } from './draft/draft'
import { otherDoubt } from './draft/draftDoubts'
import { householdFromDraft } from './draft/fromDraft'
import type { Household } from './household'
import { otherFigures } from './otherFigures'

const kayak = (weight: number, length = 120): Household['gear'][number] => ({
  id: 'kayak',
  name: 'Kayak, 10 ft',
  count: 1,
  weight,
  size: { length, width: 29, height: 14 },
  rides: 'trailer',
})
const they = (given: Partial<Household>) => household([person({ height: 68, weight: 170 })], given)
const TRIP = { nights: 4, hookups: 'full', season: 'summer' } as const
const questions = (of: Household) => householdDoubts(of).map(({ says }) => phraseText(says))
const reader = { by: 'Priya', on: '2026-11-26' }

describe('a figure of a household that can be, and is odd', () => {
  it.each([
    ['a budget in thousands', { limits: { budget: 900 } }, 'Budget $900: usual is $4,000 to $250,000. $9,000?'],
    ['a kayak of 5 lb', { gear: [kayak(5)] }, 'Kayak, 10 ft, each 5 lb: usual is 12 lb to 192 lb. 50 lb?'],
    [
      'a kayak 10 in long, for feet',
      { gear: [kayak(48, 3)] },
      'Kayak, 10 ft, length 3 in: usual is 4 in to 30 ft. 30 in?',
    ],
    [
      'a cat of 90 lb',
      { pets: [{ id: 'mo', name: 'Mo', kind: 'cat' as const, weight: 90 }] },
      'Mo 90 lb: usual is 2 lb to 30 lb. 9 lb?',
    ],
  ])('%s is questioned, with what it may be', (_, given, says) => expect(questions(they(given))).toEqual([says]))

  it('what people usually have is not', () =>
    expect(
      questions(
        they({
          limits: { budget: 32_000, trailerLength: 312, rigLength: 600 },
          gear: [kayak(48)],
          pets: [{ id: 'mo', name: 'Mo', kind: 'dog', weight: 60 }],
          trip: { nights: 4, hookups: 'full', season: 'summer', belongings: 800, hitch: 80 },
        }),
      ),
    ).toEqual([]))

  it.each([
    ['price', they({ limits: { budget: 240_000_0 } })],
    ['park', they({ limits: { trailerLength: 700 } })],
    ['tow', they({ gear: [kayak(2)] })],
    ['stow', they({ gear: [kayak(48, 3)] })],
    ['tow', they({ pets: [{ id: 'mo', name: 'Mo', kind: 'dog', weight: 1 }] })],
    ['tow', they({ trip: { nights: 4, hookups: 'full', season: 'summer', belongings: 9 } })],
  ] as const)('says nothing for certain in %s until somebody confirms it', (question, odd) => {
    const facts = factsOn(FAMILY, RULES)
    const answer = judgeFor(odd, RULES)(facts)[question]!
    expect(answer.verdict).toBe('measure')
    expect(answer.missing).toContain(householdDoubts(odd)[0]!.key)
    expect(answer.because.filter(({ verdict }) => verdict !== 'measure' && verdict !== 'note')).toEqual([])
    const sure = { ...odd, sure: otherFigures<number>(odd).map(({ figure, value }) => ({ figure, value })) }
    expect(householdDoubts(sure)).toEqual([])
  })

  it.each([
    ['limits.budget', (value: number) => ({ limits: { budget: value } }), [900, 60_000]],
    ['limits.rigLength', (value: number) => ({ limits: { rigLength: value } }), [120, 700]],
    ['trip.belongings', (value: number) => ({ trip: { ...TRIP, belongings: value } }), [2_600, 300]],
    ['trip.hitch', (value: number) => ({ trip: { ...TRIP, hitch: value } }), [900, 80]],
    ['gear.kayak.weight', (value: number) => ({ gear: [kayak(value)] }), [900, 50]],
    ['gear.kayak.size.length', (value: number) => ({ gear: [kayak(50, value)] }), [1, 120]],
    [
      'pets.mo.weight',
      (value: number) => ({ pets: [{ id: 'mo', name: 'Mo', kind: 'dog' as const, weight: value }] }),
      [900, 40],
    ],
  ] as const)('%s: whatever it could change waits for it, and nothing else', (figure, given, [odd, usual]) => {
    for (const facts of [FAMILY, HATCH, LONG].map((one) => factsOn(one, RULES))) {
      const towed = { ...they(given(odd)), vehicle: vehicle({ towRating: 7_000, payload: 1_500, gcwr: 14_000 }) }
      const said = (value: number) => {
        const sure = { ...towed, ...given(value), sure: [{ figure, value }] }
        return new Map(Object.entries(judgeFor(sure, RULES)(facts)).map(([id, answer]) => [id, JSON.stringify(answer)]))
      }
      const [one, other] = [said(odd), said(usual)]
      const changes = [...one.keys()].filter((id) => one.get(id) !== other.get(id))
      const doubted = Object.entries(judgeFor(towed, RULES)(facts))
        .filter(([, { missing }]) => missing.includes(`household.${figure}`))
        .map(([id]) => id)
      expect(doubted, figure).toEqual(expect.arrayContaining(changes))
      expect(doubted).not.toContain('season')
      if (figure.startsWith('trip.')) expect(doubted).toEqual(['tow'])
    }
  })

  it('is confirmed in the interview by one tap, as long as the text stays the same', () => {
    const draft = draftOf(they({ gear: [kayak(5)] }))
    const found = otherDoubt(draft, 'gear.')!
    expect(found).toMatchObject({ figure: 'gear.kayak.weight', text: '5' })
    const sure = { ...draft, sure: [{ figure: found.figure, text: found.text }] }
    expect(otherDoubt(sure, 'gear.')).toBeUndefined()
    const saved = householdFromDraft(sure, reader).household!
    expect(saved.sure).toEqual([{ figure: 'gear.kayak.weight', value: 5 }])
    expect(householdDoubts(saved)).toEqual([])
    expect(draftOf(saved).sure).toEqual(sure.sure)
    const changed = { ...sure, gear: [{ ...sure.gear[0]!, weight: '6' }] }
    expect(householdFromDraft(changed, reader).household!.sure).toBeUndefined()
    expect(otherDoubt(changed, 'gear.')).toMatchObject({ text: '6' })
  })

  it('in a file is a warning at its place, and the file is taken', () => {
    const { document, flaws } = parseHousehold(JSON.parse(JSON.stringify(they({ gear: [kayak(5)] }))))
    expect(document).toBeDefined()
    expect(flaws).toMatchObject([{ severity: 'warning', path: 'gear[0].weight', found: '5' }])
  })
})
