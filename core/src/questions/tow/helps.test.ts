import { describe, expect, it } from 'vitest'
import type { Compartment } from '../../plan/plan'
import type { Gear, Household } from '../../household/household'
import { phraseText } from '../../quantity/phrase'
import { stowingFacts } from '../../stowing/facts'
import { ridesInIt, stowed } from '../../stowing/stowed'
import { chance } from '../../testing/assignments'
import { answerTo } from '../../testing/answerTo'
import { DEFAULT_HOUSE_RULES } from '../../rules/houseRules'
import { couple, household, vehicle } from '../../testing/someone'
import { unit } from '../../testing/unit'
import { towFacts } from './facts'
import { towHelps } from './helps'
import { rigRules } from './rules'
import { tow } from './tow'

const bay = (id: string, name: string, at: number): Compartment => ({
  id,
  name,
  place: 'outside',
  size: [40, 80, 40],
  openings: [{ wall: 'door', width: 36, height: 36 }],
  at,
})
const trailer = unit({ compartments: [bay('front', 'Front bay', 20), bay('rear', 'Rear bay', 225)] })
const thing = (id: string, weight: number, given: Partial<Gear> = {}): Gear => ({
  id,
  name: id,
  count: 1,
  weight,
  size: { length: 30, width: 20, height: 20 },
  rides: 'trailer',
  ...given,
})
const RIG = rigRules(DEFAULT_HOUSE_RULES)
const two = couple()
const pulls = (ratings: Record<string, number>) =>
  vehicle({ towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, ...ratings })
const of = (gear: Gear[], ratings: Record<string, number> = {}, trip: Partial<Household['trip']> = {}) =>
  household(two, { gear, vehicle: pulls(ratings), trip: { nights: 4, hookups: 'none', season: 'summer', ...trip } })
const helps = (who: Household) =>
  towHelps({ ...towFacts(trailer), uvw: 3555 }, who, stowed(stowingFacts(trailer), ridesInIt(who)), RIG)
const words = (who: Household) => helps(who).map(({ says }) => phraseText(says))

describe('what would help when a limit is broken', () => {
  it('nothing is offered where nothing is', () => expect(words(of([thing('tent', 40)]))).toEqual([]))

  it('a tow rating that the water breaks: travel dry, or leave as much; the smallest first', () => {
    // 3,555 + 20 + 250 of water + 300 of theirs + 330 of gear.
    const who = of([thing('tent', 40), thing('kayak', 90), thing('engine', 200)], { towRating: 4400 })
    const found = helps(who)
    expect(found.map(({ says }) => phraseText(says))).toEqual([
      'leave the kayak at home, 90 lb',
      'put the kayak into the half-ton, 90 lb',
      'leave the engine at home, 200 lb',
      'put the engine into the half-ton, 200 lb',
    ])
    expect(found.every(({ enough }) => enough)).toBe(true)
    const rating = found[0]!.effects.find(({ name }) => name === 'Tow rating')!
    expect(rating.after - rating.before).toBeCloseTo(90, 6)
    expect(rating.holds).toBe(true)
  })

  it('too little on the hitch: what rides behind the axles moves to the front, where it goes in', () => {
    const who = of([thing('engine', 220, { keep: 'outside' })], {}, { fresh: 'empty' })
    const rear = {
      ...trailer,
      plan: { ...trailer.plan, compartments: [bay('rear', 'Rear bay', 215), bay('front', 'Front bay', 60)] },
    }
    const what = stowed(stowingFacts(rear), ridesInIt(who))
    expect(what.packing.placed[0]!.hold).toBe('rear')
    const found = towHelps({ ...towFacts(rear), uvw: 3555 }, who, what, RIG)
    expect(found.map(({ says }) => phraseText(says))).toContain('move the engine to the front bay')
    const share = found
      .find(({ says }) => phraseText(says).startsWith('move'))!
      .effects.find(({ unit: one }) => one === 'share')!
    expect(share.before).toBeLessThan(0.1)
    expect(share.after).toBeGreaterThan(0.1)
  })

  it('two together only where no single one is enough, and never two with one thing', () => {
    const who = of([thing('kayak', 90), thing('bikes', 100)], { towRating: 3900 }, { fresh: 'empty' })
    const found = helps(who)
    expect(found.length).toBeGreaterThan(0)
    for (const { says, enough, moves } of found) {
      expect(phraseText(says)).toMatch(/the kayak.*, and .*the bikes/)
      expect(enough).toBe(true)
      expect(moves).toBe(190)
    }
  })

  it('where nothing is enough, what helps most is named and not called enough', () => {
    const found = helps(of([thing('kayak', 90)], { towRating: 3000 }))
    expect(found[0]!.enough).toBe(false)
    expect(phraseText(found[0]!.says)).toBe('travel with the fresh tank empty')
  })

  it('fuel is not put into the vehicle', () =>
    expect(words(of([thing('generator', 120, { fuel: true })], { towRating: 4300 })).join()).not.toContain('half-ton'))

  it('what is called enough is answered without a no, by the question itself', () => {
    const who = of([thing('kayak', 90), thing('engine', 200)], { towRating: 4350 })
    expect(answerTo(tow, trailer, who).verdict).toBe('no')
    expect(words(who)).toContain('leave the engine at home, 200 lb')
    const without = { ...who, gear: who.gear.filter(({ id }) => id !== 'engine') }
    expect(answerTo(tow, trailer, without).verdict).not.toBe('no')
  })

  it('a receiver that bears the tongue only with a weight-distribution hitch: towed on the ball alone, that hitch comes first', () => {
    // 365 to 440 lb of tongue as the demo unit is loaded: the receiver bears 300 alone, 1,000 with the hitch.
    const receiver = { hitchTongueAlone: 300, hitchTongue: 1000 }
    const alone = of([thing('tent', 40)], receiver, { spreads: 'no' })
    expect(words(alone)[0]).toBe('tow with a weight-distribution hitch, set up as its manual says')
    const effect = helps(alone)[0]!.effects.find(({ name }) => name === 'Receiver')!
    expect(effect.before).toBeLessThan(0)
    expect(effect.after - effect.before).toBeCloseTo(700, 6)
    expect(effect.holds).toBe(true)
    // With it they have it already; a receiver whose label gives no more with it gains nothing.
    expect(words(of([thing('tent', 40)], receiver, { spreads: 'yes' }))).toEqual([])
    expect(
      words(of([thing('tent', 40)], { hitchTongueAlone: 300, hitchTongue: 300 }, { spreads: 'no' })),
    ).not.toContain('tow with a weight-distribution hitch, set up as its manual says')
  })

  it('of two that are done together neither undoes the other: the trailer is lighter by just what leaves it', () => {
    const two = {
      ...trailer,
      plan: { ...trailer.plan, compartments: [bay('rear', 'Rear bay', 215), bay('front', 'Front bay', 60)] },
    }
    const facts = { ...towFacts(two), uvw: 3555 }
    const random = chance(35)
    const from = (least: number, most: number) => Math.round(least + (most - least) * random())
    let pairs = 0
    for (let round = 0; round < 40; round++) {
      // Some of it goes into no bay.
      const gear = ['boat', 'engine', 'kayak', 'grill'].map((id) =>
        thing(id, from(40, 400), { size: { length: from(20, 130), width: 30, height: 25 }, count: from(1, 2) }),
      )
      const who = of(gear, { towRating: from(3600, 4600), gcwr: from(9000, 12_000) }, { fresh: 'empty' })
      const what = stowed(stowingFacts(two), ridesInIt(who))
      for (const { says: said, effects } of towHelps(facts, who, what, RIG)) {
        const text = phraseText(said)
        if (text.includes(', and ')) pairs++
        const leaves = [...text.matchAll(/(?:leave|put) [^,]+, ([\d,]+) lb/g)].map(([, pounds]) =>
          Number(pounds!.replace(',', '')),
        )
        const gvwr = effects.find(({ name }) => name === 'GVWR')
        expect((gvwr?.after ?? 0) - (gvwr?.before ?? 0), text).toBeCloseTo(
          leaves.reduce((sum, one) => sum + one, 0),
          6,
        )
      }
    }
    expect(pairs).toBeGreaterThan(15)
  })
})
