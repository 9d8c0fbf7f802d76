import { describe, expect, it } from 'vitest'
import { berth, conversion, emptyPlan, fixture } from '../testing/unit'
import { overlapsAt } from './overlap'
import { bounds } from './shape/shape'
import { bodiesAt, floorAt, outsideBy, strays } from './times'
import { nightsOf } from './together'

const slide = { id: 's', wall: 'off-door', start: 60, length: 100, depth: 36 } as const
const sofa = fixture('tri-fold-sofa', [70, -34, 70, 36], {}, { id: 'sofa', slide: 's' })
const counter = fixture('counter', [70, 30, 72, 24])
const plan = emptyPlan({
  slides: [slide],
  fixtures: [sofa, counter],
  berths: [
    berth('tri-fold', 60, 74, { id: 'sofa-bed', conversion: 'make', slide: 's', shape: { rect: [70, -34, 60, 74] } }),
  ],
  conversions: [conversion('make', { uses: ['sofa'] })],
})

describe('the three times of day', () => {
  it('parked, the sofa stands in the slide; on the road it comes in by the slide’s depth', () => {
    const at = (time: 'parked' | 'road') => bounds(bodiesAt(plan, time).find(({ id }) => id === 'sofa')!.shape)
    expect(at('parked')).toMatchObject({ y0: -34, y1: 2 })
    expect(at('road')).toMatchObject({ y0: 2, y1: 38 })
  })

  it('what a slide runs into is reported with how deep', () => {
    expect(overlapsAt(plan, 'parked')).toEqual([])
    expect(overlapsAt(plan, 'road')).toEqual([{ a: 'sofa', b: 'counter', inches: 8, at: [105, 34] }])
  })

  it('at night the bed is there and the sofa it is made of is gone', () => {
    const ids = bodiesAt(plan, 'night', ['make']).map(({ id }) => id)
    expect(ids).toContain('sofa-bed')
    expect(ids).not.toContain('sofa')
    expect(bodiesAt(plan, 'night').map(({ id }) => id)).toContain('sofa')
  })

  it('a made-up bed that reaches into the counter is found', () =>
    expect(overlapsAt(plan, 'night', ['make'])).toEqual([{ a: 'counter', b: 'sofa-bed', inches: 10, at: [100, 35] }]))

  it('a slide gives floor when parked and none on the road', () => {
    expect(floorAt(plan, 'parked')).toHaveLength(2)
    expect(floorAt(plan, 'road')).toHaveLength(1)
  })

  it('a sofa in its slide is inside; the same sofa without a slide sticks out of the wall', () => {
    expect(outsideBy(plan, sofa.shape, [slide])).toBe(0)
    expect(outsideBy(plan, sofa.shape, [])).toBe(36)
  })

  it('on the road a canvas end is folded away with its bed', () => {
    const hybrid = emptyPlan({
      canvasEnds: [{ id: 'front', wall: 'front', start: 18, length: 60, depth: 54 }],
      berths: [berth('canvas-end', 60, 78, { canvasEnd: 'front', shape: { rect: [-52, 18, 54, 60] } })],
    })
    expect(bodiesAt(hybrid, 'night')).toHaveLength(1)
    expect(bodiesAt(hybrid, 'road')).toHaveLength(0)
  })

  it('an upper bunk over a lower one does not collide with it, a wardrobe below does not fit under the lower', () => {
    const bunks = [berth('bunk', 30, 74), berth('upper-bunk', 30, 74)]
    expect(overlapsAt(emptyPlan({ berths: bunks }), 'night')).toEqual([])
    const crowded = emptyPlan({ berths: bunks, fixtures: [fixture('wardrobe', [20, 12, 20, 20])] })
    expect(overlapsAt(crowded, 'night').map(({ a, b }) => [a, b])).toEqual([
      ['wardrobe', 'bunk'],
      ['wardrobe', 'upper-bunk'],
    ])
  })

  it('a sink and a cooktop in their counter, with the oven below, are built in and do not collide', () => {
    const kitchen = [
      fixture('counter', [60, 70, 72, 24]),
      fixture('sink', [64, 72, 24, 18]),
      fixture('cooktop', [100, 72, 20, 18]),
      fixture('oven', [100, 72, 20, 18]),
    ]
    expect(overlapsAt(emptyPlan({ fixtures: kitchen }), 'parked')).toEqual([])
    // The same sink in front of a counter that it is not let into: the counter's edge runs through it.
    expect(
      overlapsAt(
        emptyPlan({ fixtures: [fixture('cabinet', [60, 70, 72, 24]), fixture('sink', [64, 60, 24, 18])] }),
        'parked',
      ),
    ).toHaveLength(1)
  })

  it('a bed that reaches through an inside wall is found, one that touches it is not', () => {
    const walled = (length: number) =>
      emptyPlan({
        walls: [{ id: 'wall', from: [101, 2], to: [101, 94], thickness: 2 }],
        berths: [berth('bed', 60, length, { shape: { rect: [20, 10, length, 60] } })],
      })
    expect(overlapsAt(walled(80), 'night')).toEqual([])
    expect(overlapsAt(walled(86), 'night')).toEqual([{ a: 'bed', b: 'wall', inches: 6, at: [101, 40] }])
  })

  it('a bed in its canvas end is inside, one that is longer than its platform sticks out by the rest', () => {
    const end = { id: 'front', wall: 'front', start: 18, length: 60, depth: 54 } as const
    const hybrid = emptyPlan({ canvasEnds: [end] })
    expect(outsideBy(hybrid, { rect: [-50, 20, 52, 56] }, [end])).toBe(0)
    expect(outsideBy(hybrid, { rect: [-60, 20, 62, 56] }, [end])).toBe(8)
    expect(outsideBy(hybrid, { rect: [-50, 10, 52, 56] }, [end])).toBe(8)
  })
})

describe('nights', () => {
  const sets = (...given: ReturnType<typeof conversion>[]) => nightsOf(emptyPlan({ conversions: given }))
  it('every set that can be made together, each once, the fewest first', () => {
    expect(sets(conversion('a'), conversion('b', { excludes: ['c'] }), conversion('c'))).toEqual([
      [],
      ['a'],
      ['b'],
      ['c'],
      ['a', 'b'],
      ['a', 'c'],
    ])
  })
  it('thirty conversions are not a billion nights', () => {
    const many = sets(...Array.from({ length: 30 }, (_, i) => conversion(`k${i}`)))
    expect(many).toHaveLength(16)
    expect(new Set(many.map((set) => set.join())).size).toBe(16)
  })
})

it('what sticks out is named with its list, what rides in a slide is not', () => {
  const crowded = emptyPlan({
    slides: [slide],
    fixtures: [sofa, fixture('wardrobe', [-4, 40, 26, 20])],
    berths: [berth('bed', 60, 80, { id: 'bed', shape: { rect: [170, 10, 80, 60] } })],
  })
  expect(strays(crowded).map(({ list, id, inches }) => [list, id, inches])).toEqual([
    ['fixtures', 'wardrobe', 6],
    ['berths', 'bed', 12],
  ])
})
