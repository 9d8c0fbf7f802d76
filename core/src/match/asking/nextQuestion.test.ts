import { describe, expect, it } from 'vitest'
import type { Household } from '../../household/household'
import { phraseText } from '../../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { household, person, vehicle } from '../../testing/someone'
import { fixture, unit } from '../../testing/unit'
import { factSheet } from '../factSheet'
import { judgeFor } from '../judge'
import { nextQuestion } from './nextQuestion'

const of = (stock: string, figures: Record<string, number>, plan = {}) => {
  const trailer = { ...unit(plan, figures), stock }
  return { id: stock, facts: factSheet(trailer, RULES) }
}
/** All alike but for what they weigh: a light half and a heavy one. */
const byWeight = [2600, 2800, 3000, 5200, 5600, 6000].map((uvw) =>
  of(`W${uvw}`, { uvw, gvwr: uvw + 1800, hitchWeight: Math.round(uvw * 0.12), cargoCapacity: 1800 }),
)
const known = {
  towRating: 12000,
  payload: 2400,
  gcwr: 22000,
  curbWeight: 5400,
  hitchTongue: 1400,
  length: 232,
  seats: 5,
}
const two = (ratings: Partial<typeof known>, given: Partial<Household> = {}) =>
  household([person({ name: 'Ro' }), person({ name: 'Mi' })], {
    vehicle: vehicle(ratings as Record<string, number>),
    limits: { budget: 90_000, trailerLength: 500 },
    ...given,
  })
const without = (key: keyof typeof known) => Object.fromEntries(Object.entries(known).filter(([one]) => one !== key))
const ask = (lot: typeof byWeight, of: Household) => nextQuestion(lot, of, RULES)

describe('what to ask next', () => {
  it('the tow rating, where weight divides the lot, with how many stay either way', () => {
    const asked = ask(byWeight, two(without('towRating')))!
    expect(asked.field).toBe('vehicle.ratings.towRating.value')
    expect(phraseText(asked.asks)).toBe('Their tow rating, in the owner’s manual')
    // At 4,500 lb the three light ones stay, at 9,500 all of them: 6,000 dry, loaded, is under it.
    expect([asked.least, asked.most]).toEqual([3, 6])
  })
  it('never what they said they do not know', () => {
    const they = two(without('towRating'))
    const asked = ask(byWeight, { ...they, vehicle: { ...they.vehicle, unknown: ['towRating'] } })
    expect(asked).toBeUndefined()
  })
  it('what it may cost, where only the price tells them apart', () => {
    const lot = [20_000, 24_000, 31_000, 52_000].map((askingPrice) => of(`P${askingPrice}`, { askingPrice }))
    expect(ask(lot, two(known, { limits: { trailerLength: 500 } }))?.field).toBe('limits.budget')
  })
  it('a wish, where half of the lot could not grant it', () => {
    const tub = { fixtures: [fixture('tub', [200, 4, 36, 30]), fixture('toilet', [170, 4, 19, 27])] }
    const shower = { fixtures: [fixture('shower', [200, 4, 36, 30]), fixture('toilet', [170, 4, 19, 27])] }
    const lot = [of('A', {}, tub), of('B', {}, tub), of('C', {}, shower), of('D', {}, shower)]
    const asked = ask(lot, two(known))!
    expect(asked).toMatchObject({ field: 'stances.tub', least: 2, most: 4 })
  })
  it('nothing, where no answer would make a difference or nothing is left', () => {
    expect(ask([of('A', {})], two(known))).toBeUndefined()
    expect(ask([], two({}))).toBeUndefined()
  })
  it('what it says stays is what stays: by judging every unit of the lot with the answers themselves', () => {
    const they = two(without('towRating'))
    const asked = ask(byWeight, they)!
    const stays = [4500, 6500, 9500].map((towRating) => {
      const judge = judgeFor(two({ ...known, towRating }), RULES)
      return byWeight.filter(({ facts }) => Object.values(judge(facts)).every(({ verdict }) => verdict !== 'no')).length
    })
    expect([asked.least, asked.most]).toEqual([Math.min(...stays), Math.max(...stays)])
  })
})
