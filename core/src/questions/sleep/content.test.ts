import { describe, expect, it } from 'vitest'
import { nightsIn } from '../../nights/nights'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { answerTo } from '../../testing/answerTo'
import { couple, household, person } from '../../testing/someone'
import { berth, conversion, fixture, unit } from '../../testing/unit'
import type { Household, Person } from '../../household/household'
import type { Trailer } from '../../trailer/trailer'
import { sleep } from './sleep'

const judge = (trailer: Trailer, of: Household) => answerTo(sleep, trailer, of)
const text = (trailer: Trailer, of: Household) => judge(trailer, of).words
const places = (trailer: Trailer, of: Household) => nightsIn(trailer, of, RULES)
/** Who lies in which berth on an ordinary night: `{ bed: ['ro', 'mi'] }`. */
const lies = (trailer: Trailer, of: Household) =>
  Object.fromEntries(
    places(trailer, of).everyNight.placements.map(({ berth: { id }, people }) => [id, people.map((one) => one.id)]),
  )

const queen = berth('bed', 60, 80, { name: 'Queen' })
const booth = berth('booth', 42, 72, { id: 'booth', name: 'Dinette bed', conversion: 'make-booth' })
const withBooth = { berths: [queen, booth], conversions: [conversion('make-booth', { name: 'Dinette' })] }
const alone = (given: Partial<Person>) => household([person(given)])

describe('who would not be content with it every night', () => {
  const said = (plan: Partial<Trailer['plan']>, of: Household) => {
    const answer = judge(unit(plan), of)
    return { verdict: answer.verdict, brief: answer.brief, words: answer.words }
  }
  const against = (given: Partial<Trailer['plan']['berths'][number]> = {}) =>
    berth('bed', 60, 80, { name: 'Queen', shape: { rect: [10, 18, 80, 60] }, ...given })

  it.each([
    ['both up at night', { nightTrips: true }, { nightTrips: true }, 'tight'],
    ['one does not climb, the other is up at night', { climbs: false }, { nightTrips: true }, 'tight'],
    ['only one of them is', { climbs: false }, {}, 'fits'],
    ['neither climbs', { climbs: false }, { climbs: false }, 'no'],
  ] as const)('in a bed open on one side, %s', (_, a, b, verdict) => {
    const who = (given: { climbs?: false; nightTrips?: true }) => ({
      ...('climbs' in given && { climbs: false }),
      ...('nightTrips' in given && { needs: ['night trips' as const] }),
    })
    const of = household(couple(who(a), who(b)))
    expect(judge(unit({ berths: [against()] }), of).verdict).toBe(verdict)
    // Open on both sides nobody lies inside.
    const open = against({ access: ['door', 'off-door'] })
    expect(judge(unit({ berths: [open] }), of).verdict).toBe('fits')
    // Said to be open on both sides, but there is no floor to lie down from on one: 10 in to a wall.
    const walls = [{ id: 'w', from: [4, 89], to: [120, 89], thickness: 2 }] as Trailer['plan']['walls']
    expect(judge(unit({ berths: [open], walls }), of).verdict).toBe(verdict)
  })

  it('the one who cannot climb lies outside', () =>
    expect(
      said({ berths: [against()] }, household(couple({ name: 'Ro', climbs: false }, { name: 'Mi' }))).words,
    ).toContain('in the queen Mi lies on the inside and climbs over Ro'))

  it('a bunk too low to sit up in: tight for a grown person, to be measured while unread, noticed for a child', () => {
    const bunk = (headroom: number) => ({ berths: [berth('bunk', 30, 80, { limit: 300, headroom })] })
    expect(said(bunk(32), alone({ name: 'Ro', height: 70 }))).toMatchObject({
      verdict: 'tight',
      brief: 'too low to sit up',
    })
    expect(said(bunk(38), alone({ name: 'Ro', height: 70 })).verdict).toBe('fits')
    expect(said(bunk(26), alone({ age: 9, height: 54, weight: 70 })).verdict).toBe('fits')
    const unread = berth('bunk', 30, 80, { id: 'b', limit: 300 })
    delete unread.readings!.headroom
    expect(judge(unit({ berths: [unread] }), alone({ height: 70 }))).toMatchObject({
      verdict: 'measure',
      missing: ['plan.berths.b.headroom'],
    })
  })

  it('two grown people in a bunk, somebody old on a made-up bed or a floor mat', () => {
    const double = { berths: [berth('bunk', 54, 80, { limit: 500 })] }
    expect(said(double, household(couple())).brief).toBe('two adults in a bunk')
    const withMat = {
      berths: [berth('floor-mat', 30, 78, { id: 'mat', name: 'Floor mat', conversion: 'lay' })],
      conversions: [conversion('lay', { name: 'Floor mat' })],
    }
    expect(said(withMat, alone({ name: 'Oma', age: 72 })).words).toContain(
      'Oma, 72, would sleep on a mat on the floor.',
    )
    const guest = household([person(), person({ name: 'Oma', age: 72, guest: true, height: 62 })], {
      guestsCome: 'monthly',
    })
    const answer = said(withBooth, guest)
    // The hosts keep their bed, and she is not asked to lie on cushions without it being said.
    expect(answer.verdict).toBe('tight')
    expect(answer.words).toContain('With guests Oma, 72, would sleep on a bed that is made up, the dinette bed.')
  })

  it('nobody lies so who could lie well: an old one takes the bed, the young the bunk', () => {
    const of = household([person({ id: 'oma', age: 72, height: 62 }), person({ id: 'ro', age: 24, height: 66 })])
    expect(lies(unit({ berths: [berth('upper-bunk', 30, 76, { id: 'up', limit: 300 }), queen] }), of)).toEqual({
      bed: ['oma'],
      up: ['ro'],
    })
  })

  it('a guest is left out before one of the household', () => {
    const of = household([person({ id: 'g', guest: true, name: 'Guest' }), person({ id: 'h', name: 'Host' })], {
      guestsCome: 'most trips',
    })
    const { guestNight } = places(unit({ berths: [queen] }), of)
    expect(guestNight!.unplaced.map(({ id }) => id)).toEqual(['g'])
  })

  it('children of two families share only when asked; never beside is kept even by a couple', () => {
    const kid = (id: string, given: Partial<Person> = {}) => person({ id, age: 7, height: 48, weight: 55, ...given })
    const two = (guest: boolean) =>
      judge(unit({ berths: [queen] }), household([kid('a'), kid('b', { guest })], { guestsCome: 'most trips' })).verdict
    expect(two(false)).toBe('fits')
    expect(two(true)).toBe('no')
    const [ro, mi] = couple({ id: 'ro' }, { id: 'mi' })
    expect(judge(unit({ berths: [queen] }), household([{ ...ro, neverBeside: ['mi'] }, mi])).verdict).toBe('no')
  })

  it('an infant lies in no berth: a crib is reckoned with and asked about, and without floor for it the answer is no', () => {
    const baby = household([...couple(), person({ name: 'Bo', age: 0.5, height: 26, weight: 16 })])
    const roomy = unit({ berths: [{ ...queen, shape: { rect: [4, 18, 80, 60] } }] })
    expect(judge(roomy, baby)).toMatchObject({ verdict: 'fits' })
    expect(text(roomy, baby)).toContain('ask whether they bring a crib.')
    const full = unit({ berths: [queen], fixtures: [fixture('cabinet', [84, 2, 150, 76])] })
    expect(judge(full, baby)).toMatchObject({ verdict: 'no', brief: 'no floor for the crib' })
  })
})

describe('the drawing is a reading of the lowest rank', () => {
  // Drawn 69 in long, its mattress not measured.
  const drawn = (height: number) =>
    judge(
      unit({ berths: [berth('bed', undefined, undefined, { shape: { rect: [10, 10, 69, 60] } })] }),
      alone({ height }),
    ).verdict
  it('within its tolerance it is to be measured, beyond it the answer is no', () => {
    expect(drawn(66)).toBe('measure')
    expect(drawn(70)).toBe('measure')
    expect(drawn(71)).toBe('no')
    expect(drawn(75)).toBe('no')
  })
  it('and so for two in a bed drawn too narrow', () => {
    const narrow = (width: number) =>
      judge(
        unit({ berths: [berth('bed', undefined, 80, { shape: { rect: [10, 10, 80, width] } })] }),
        household(couple()),
      ).verdict
    expect(narrow(46)).toBe('measure')
    expect(narrow(40)).toBe('no')
  })
})

describe('two made-up beds that exclude each other without saying so', () => {
  const pair = (b: Partial<Trailer['plan']['berths'][number]>, uses: [string[], string[]] = [[], []]) => ({
    berths: [
      berth('booth', 42, 72, { id: 'b1', conversion: 'one' }),
      berth('tri-fold', 48, 74, { id: 'b2', conversion: 'two', ...b }),
    ],
    conversions: [conversion('one', { uses: uses[0] }), conversion('two', { uses: uses[1] })],
  })
  const both = (plan: Partial<Trailer['plan']>) =>
    judge(unit(plan), household([person({ age: 15, height: 62 }), person({ age: 14, height: 60 })])).verdict
  const away = { shape: { rect: [150, 10, 74, 48] as [number, number, number, number] } }
  it('by what they cover', () => {
    expect(both(pair({}))).toBe('no')
    expect(both(pair(away))).toBe('tight')
  })
  it('by what they are made of', () => expect(both(pair(away, [['sofa'], ['sofa']]))).toBe('no'))
})
