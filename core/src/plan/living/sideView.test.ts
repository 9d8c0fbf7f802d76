import { expect, it } from 'vitest'
import { readings } from '../../testing/someone'
import { berth, emptyPlan, fixture } from '../../testing/unit'
import { headOf, sideView, SITTING } from './sideView'

const bunk = (values: Record<string, number>) =>
  sideView(
    emptyPlan({
      berths: [{ ...berth('upper-bunk', 30, 74, { id: 'upper', name: 'Upper bunk' }), readings: readings(values) }],
    }),
    'upper',
    78,
  )!

it('a bunk from the side: the mattress where it was measured, and what is above', () => {
  const view = bunk({ heightAboveFloor: 48, headroom: 28, guardHeight: 6 })
  expect(view).toMatchObject({ from: 44, to: 48, usual: false, ceiling: 76, guard: 6, pose: 'lying', long: 74 })
  // 70 in sit up 37 in: 9 more than there is.
  expect(headOf(view, 70)).toBeCloseTo(48 + 70 * SITTING)
  expect(headOf(view, 70)).toBeGreaterThan(view.ceiling!)
  expect(headOf(view, 50)).toBeLessThan(view.ceiling!)
})

it('what was not measured is not made up: no ceiling, and the height is said to be the usual', () => {
  expect(bunk({}).usual).toBe(true)
  expect(bunk({}).ceiling).toBeUndefined()
})

it('in a shower one stands on the pan under the skylight', () => {
  const plan = emptyPlan({ fixtures: [fixture('shower', [2, 2, 34, 30], { headroom: 74 })] })
  const view = sideView(plan, 'shower', 80)!
  expect([view.pose, headOf(view, 70) <= view.ceiling!, headOf(view, 75) <= view.ceiling!]).toEqual([
    'standing',
    true,
    false,
  ])
})

it('on a sofa in a slide the slide is above, elsewhere the ceiling', () => {
  const slides = [
    { id: 's', wall: 'off-door' as const, start: 20, length: 90, depth: 30, readings: readings({ insideHeight: 68 }) },
  ]
  const sofa = fixture('futon', [24, -26, 70, 34], {}, { slide: 's' })
  const view = (given: typeof sofa) => sideView(emptyPlan({ slides, fixtures: [given] }), 'futon', 80)!
  expect(view(sofa)).toMatchObject({ ceiling: 68, above: 'inside height of the slide', pose: 'sitting', to: 18 })
  expect(view({ ...sofa, slide: undefined })).toMatchObject({ ceiling: 80, above: 'interior height' })
  expect(sideView(emptyPlan(), 'nothing', 80)).toBeUndefined()
})
