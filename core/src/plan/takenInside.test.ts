import { expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { answerTo } from '../testing/answerTo'
import { emptyPlan, fixture, unit } from '../testing/unit'
import { household, person, readings } from '../testing/someone'
import { reach } from '../questions/reach/reach'
import { toiletRoom } from './living/elbow'
import { findingsAt } from './findings/findings'
import type { OutsideItem, Plan } from './plan'
import { floorOf, reachOf } from './ways/reach'

const kitchen = (given: Partial<OutsideItem> = {}): OutsideItem => ({
  id: 'outside-kitchen',
  kind: 'outside-kitchen',
  wall: 'door',
  start: 40,
  length: 44,
  ...given,
})
const found = (plan: Partial<Plan>) =>
  findingsAt(emptyPlan(plan), 'parked', [], RULES.ways).map(({ says }) => phraseText(says))

it('no toilet or tub stands where an outside kitchen comes in; a counter, a bed and a cabinet have room for it', () => {
  const toilet = fixture('toilet', [50, 72, 19, 22], {}, { faces: 'off-door' })
  expect(found({ outside: [kitchen()], fixtures: [toilet] })).toContain(
    'The toilet stands where the outside kitchen comes in, by 20 in.',
  )
  expect(found({ outside: [kitchen({ start: 100 })], fixtures: [toilet] })).toEqual([])
  expect(
    found({
      outside: [kitchen()],
      fixtures: [fixture('counter', [40, 70, 44, 24]), fixture('sink', [44, 74, 20, 16])],
    }),
  ).toEqual([])
})

it('in the wall of a slide it takes room in that slide, and none of the room beside it', () => {
  const slides = [{ id: 's', wall: 'door' as const, start: 30, length: 90, depth: 30 }]
  const toilet = (y: number) => fixture('toilet', [50, y, 19, 22], {}, { faces: 'off-door' })
  const says = (y: number) => found({ slides, outside: [kitchen()], fixtures: [toilet(y)] }).join()
  expect(says(72)).not.toContain('comes in')
  // From the slide's back at 124 it comes in to 104.
  expect(says(100)).toContain('The toilet stands where the outside kitchen comes in, by 18 in.')
})

it('comes in with its slide: on the road it stands where the slide brings it', () => {
  const plan = emptyPlan({
    slides: [{ id: 's', wall: 'door', start: 30, length: 90, depth: 40 }],
    outside: [kitchen({ readings: readings({ depth: 20 }) })],
    fixtures: [fixture('counter', [40, 2, 44, 40]), fixture('wardrobe', [2, 30, 20, 24], {}, { faces: 'rear' })],
  })
  const way = (time: 'parked' | 'road') =>
    reachOf(floorOf(plan, time)).find(({ place }) => place.id === 'wardrobe')!.width
  // In, its front is 94 - 20 from the off-door wall; the counter ends at 42.
  expect(way('road')).toBe(94 - 20 - 42)
  expect(way('parked')).toBeGreaterThan(way('road'))
})

it('takes the floor it stands on: the way past it is as wide as is left', () => {
  const plan = (depth: number) =>
    emptyPlan({
      outside: [kitchen({ readings: readings({ depth }) })],
      fixtures: [fixture('counter', [40, 2, 44, 24]), fixture('wardrobe', [2, 30, 20, 24], {}, { faces: 'rear' })],
    })
  const to = (depth: number) => reachOf(floorOf(plan(depth), 'parked')).find(({ place }) => place.id === 'wardrobe')!
  // From a counter that ends at 26 to what comes in from 94.
  expect(to(38).width).toBe(94 - 38 - 26)
  expect(to(50)).toMatchObject({ width: 94 - 50 - 26, between: expect.arrayContaining(['outside-kitchen']) })
})

it('counts in what is asked of two units drawn alike, each with its own depth', () => {
  const answer = (depth: number) =>
    answerTo(
      reach,
      unit({
        outside: [kitchen({ readings: readings({ depth }) })],
        fixtures: [fixture('counter', [40, 2, 44, 40]), fixture('fridge', [2, 30, 24, 24], {}, { faces: 'rear' })],
      }),
      household([person({ height: 66 })]),
    )
  expect(answer(20).verdict).not.toBe('no')
  expect(answer(40)).toMatchObject({ verdict: 'no', words: expect.stringContaining('12 in') })
  expect(answer(20).verdict).not.toBe('no')
})

it('ends the room at the toilet beside it', () => {
  const toilet = fixture('toilet', [86, 60, 19, 22], {}, { faces: 'rear' })
  const wide = (outside: OutsideItem[]) => toiletRoom(emptyPlan({ outside, fixtures: [toilet] }))[0]!.wide
  expect(wide([])).toBe(92)
  expect(wide([kitchen({ start: 80, length: 60, readings: readings({ depth: 10 }) })])).toBe(82)
})

it('a bay takes room once somebody measured how deep it is', () => {
  const bay = (values: Record<string, number>): OutsideItem => ({
    id: 'bay',
    kind: 'bay',
    wall: 'door',
    start: 40,
    length: 30,
    readings: readings(values),
  })
  const shower = fixture('shower', [40, 60, 34, 34], {}, { faces: 'off-door' })
  expect(found({ outside: [bay({})], fixtures: [shower] })).toEqual([])
  expect(found({ outside: [bay({ depth: 30 })], fixtures: [shower] })).toContain(
    'The shower stands where the bay door comes in, by 30 in.',
  )
})

it('a water heater stands in the base of a bed or a cabinet', () =>
  expect(
    found({
      fixtures: [
        fixture('cabinet', [40, 70, 30, 24], {}, { faces: 'off-door' }),
        fixture('water-heater', [44, 76, 16, 16]),
      ],
    }),
  ).toEqual([]))
