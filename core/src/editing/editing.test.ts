import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import fc from 'fast-check'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '../formats/document'
import { findingsAt } from '../plan/findings/findings'
import { floorOf, reachOf } from '../plan/ways/reach'
import { area, bounds, type Shape } from '../plan/shape/shape'
import { sightLines } from '../plan/living/sight'
import { TIMES } from '../plan/times'
import { berth, conversion, emptyPlan, fixture, unit } from '../testing/unit'
import { BERTH_KINDS, DOOR_KINDS, FIXTURE_KINDS, OUTSIDE_KINDS } from '../readings/catalogue'
import { becomesBed, excluding, madeIntoBed } from './conversion'
import { withPlan } from '../trailer/drawn'
import { CORNERS, cornerCut, cutOf, straight } from './corner'
import { doubled, flipped, itemsOf, shift, turned, withBounds, without, type Item } from './item'
import { mirrored } from './mirror'
import { seated } from './riding'
import { placed } from './placed'
import { SHELF } from './shelf'
import { aligned, NEAR, snapped } from './snap'

const yard = new URL('../../../demo/yard/', import.meta.url)
const demo = readdirSync(yard).map((name) => parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!)
const item = (plan: Parameters<typeof itemsOf>[0], id: string): Item => itemsOf(plan).find((one) => one.id === id)!
const good = (plan: Parameters<typeof itemsOf>[0]) =>
  parseTrailer(JSON.parse(JSON.stringify(withPlan(unit(), plan)))).flaws.filter(({ severity }) => severity === 'error')

describe('taking things in hand', () => {
  it.each(demo.map((one) => [one.stock, one] as const))(
    '%s: everything goes where it is put and can be put back, to the inch',
    (_, { plan }) => {
      for (const one of itemsOf(plan)) {
        const away = withBounds(
          plan,
          one,
          shift(one.bounds, 7, one.list === 'slides' || one.list === 'outside' || one.list === 'canvasEnds' ? 0 : -3),
        )
        expect(withBounds(away, one, one.bounds), one.id).toEqual(plan)
      }
    },
  )

  it('a counter is stretched, a wall too, and a slide moves out farther', () => {
    const plan = emptyPlan({
      fixtures: [fixture('counter', [20, 70, 60, 24])],
      walls: [{ id: 'w', from: [100, 40], to: [100, 2], thickness: 2 }],
      slides: [{ id: 's', wall: 'off-door', start: 30, length: 90, depth: 20 }],
    })
    expect(
      bounds(withBounds(plan, item(plan, 'counter'), { x0: 20, x1: 92, y0: 70, y1: 94 }).fixtures[0]!.shape),
    ).toEqual({ x0: 20, x1: 92, y0: 70, y1: 94 })
    expect(withBounds(plan, item(plan, 'w'), { x0: 100, x1: 100, y0: 2, y1: 56 }).walls[0]).toMatchObject({
      from: [100, 56],
      to: [100, 2],
    })
    expect(withBounds(plan, item(plan, 's'), { x0: 30, x1: 120, y0: -28, y1: 2 }).slides[0]).toMatchObject({
      start: 30,
      length: 90,
      depth: 30,
    })
  })

  it('a corner shower keeps its shape when it is moved and grows in proportion', () => {
    const plan = emptyPlan({
      fixtures: [
        {
          ...fixture('shower', [0, 0, 1, 1]),
          shape: {
            polygon: [
              [10, 10],
              [44, 10],
              [44, 30],
              [30, 44],
              [10, 44],
            ],
          },
        },
      ],
    })
    expect(withBounds(plan, item(plan, 'shower'), { x0: 20, x1: 54, y0: 10, y1: 44 }).fixtures[0]!.shape).toEqual({
      polygon: [
        [20, 10],
        [54, 10],
        [54, 30],
        [40, 44],
        [20, 44],
      ],
    })
    expect(withBounds(plan, item(plan, 'shower'), { x0: 10, x1: 78, y0: 10, y1: 44 }).fixtures[0]!.shape).toEqual({
      polygon: [
        [10, 10],
        [78, 10],
        [78, 30],
        [50, 44],
        [10, 44],
      ],
    })
  })

  it('four quarter turns bring everything back, and a bed’s head goes round with it', () => {
    const plan = emptyPlan({
      fixtures: [fixture('tri-fold-sofa', [20, 2, 70, 36], {}, { id: 'sofa', faces: 'door' })],
      berths: [berth('bed', 60, 80, { id: 'bed', shape: { rect: [100, 10, 80, 60] } })],
      doors: [{ id: 'd', kind: 'swing', from: [60, 40], to: [60, 64], hinge: 'from', opens: 'rear' }],
    })
    for (const id of ['sofa', 'bed', 'd']) {
      let now = plan
      for (let i = 0; i < 4; i++) now = turned(now, item(now, id))
      expect(now, id).toEqual(plan)
    }
    const once = turned(plan, item(plan, 'bed')).berths[0]!
    expect(once).toMatchObject({ head: 'off-door', access: ['front'] })
    expect(bounds(once.shape)).toEqual({ x0: 110, x1: 170, y0: 0, y1: 80 })
  })

  it('flipped twice it is as it was; once, the sofa looks at the wall', () => {
    const plan = emptyPlan({ fixtures: [fixture('tri-fold-sofa', [20, 2, 70, 36], {}, { id: 'sofa', faces: 'door' })] })
    expect(flipped(plan, item(plan, 'sofa')).fixtures[0]!.faces).toBe('off-door')
    expect(flipped(flipped(plan, item(plan, 'sofa')), item(plan, 'sofa'))).toEqual(plan)
  })

  it('a copy has an id of its own, lies beside the first, and took no readings with it', () => {
    const plan = emptyPlan({ fixtures: [fixture('wardrobe', [20, 2, 26, 20], { hanging: 22 })] })
    const { plan: two, id } = doubled(plan, item(plan, 'wardrobe'))
    expect(id).toBe('wardrobe-2')
    expect(two.fixtures[1]).not.toHaveProperty('readings')
    expect(item(two, id).bounds).not.toEqual(item(two, 'wardrobe').bounds)
    expect(good(two)).toEqual([])
  })

  it('taking the slide away leaves what rode in it standing, and a document that is still good', () => {
    for (const { plan } of demo.filter((one) => one.plan.slides.length)) {
      const rest = without(plan, [plan.slides[0]!.id])
      expect(rest.fixtures).toHaveLength(plan.fixtures.length)
      const still = plan.fixtures.filter(({ slide }) => slide && slide !== plan.slides[0]!.id)
      expect(rest.fixtures.filter((one) => 'slide' in one).map(({ id }) => id)).toEqual(still.map(({ id }) => id))
    }
    const sofa = emptyPlan({ fixtures: [fixture('tri-fold-sofa', [20, 2, 70, 36], {}, { id: 'sofa' })] })
    const made = madeIntoBed(sofa, 'sofa').plan
    expect(good(without(made, ['sofa']))).toEqual([])
  })
})

describe('a cut corner', () => {
  it.each(CORNERS.map((corner) => [corner] as const))(
    '%s: takes half a square off, is found again, and can be put back',
    (corner) => {
      const square: Shape = { rect: [10, 20, 36, 34] }
      const cut = cornerCut(square, corner, 14)
      expect(area(cut)).toBe(36 * 34 - (14 * 14) / 2)
      expect(cutOf(cut)).toEqual({ corner, inches: 14 })
      expect(bounds(cut)).toEqual(bounds(square))
      expect(straight(cut)).toEqual(square)
      expect(cutOf(cornerCut(cut, corner, 8))).toEqual({ corner, inches: 8 })
    },
  )
  it('never takes a whole side', () =>
    expect(cutOf(cornerCut({ rect: [0, 0, 20, 10] }, 'rear door', 50))!.inches).toBe(9))
  it('a rectangle has none', () => expect(cutOf({ rect: [0, 0, 20, 10] })).toBeUndefined())
})

describe('the shelf', () => {
  it.each(SHELF.flatMap(({ entries }) => entries.map((entry) => [entry.name, entry] as const)))(
    '%s goes onto an empty plan and the plan stays a good document',
    (_, entry) => {
      const { plan, id } = placed(emptyPlan(), entry, [120, 48])
      expect(item(plan, id)).toBeDefined()
      expect(good(plan)).toEqual([])
    },
  )

  it('holds all that the catalogue knows, but for beds that other things are made into', () => {
    const held = new Set(
      SHELF.flatMap(({ entries }) => entries.map((entry) => ('kind' in entry ? entry.kind : entry.list))),
    )
    const madeOf = ['booth', 'u-dinette', 'jackknife', 'tri-fold', 'air-sofa', 'futon', 'lounge']
    const beds = Object.keys(BERTH_KINDS).filter((kind) => !madeOf.includes(kind))
    const known = [...Object.keys(FIXTURE_KINDS), ...Object.keys(OUTSIDE_KINDS), ...Object.keys(DOOR_KINDS), ...beds]
    expect(known.filter((kind) => !held.has(kind as never))).toEqual([])
  })

  it('a bunk that folds down is made up for the night, a counter round a corner has two arms', () => {
    const of = (name: string) => SHELF.flatMap(({ entries }) => entries).find((entry) => entry.name === name)!
    const { plan, id } = placed(emptyPlan(), of('Bunk that folds down'), [120, 48])
    expect(plan.berths.find((one) => one.id === id)!.conversion).toBe(plan.conversions[0]!.id)
    const corner = placed(emptyPlan(), of('Counter round a corner'), [120, 48])
    expect(area(corner.plan.fixtures[0]!.shape)).toBe(72 * 24 + 36 * 24)
  })

  it('an entry door goes into the nearest outer wall, an exit window too', () => {
    const door = SHELF[0]!.entries.find(({ name }) => name === 'Entry door')!
    expect(placed(emptyPlan(), door, [100, 90]).plan.doors.at(-1)).toMatchObject({
      from: [86, 96],
      to: [114, 96],
      opens: 'door',
    })
    const window = SHELF[0]!.entries.find(({ name }) => name === 'Exit window')!
    expect(placed(emptyPlan(), window, [2, 40]).plan.windows[0]).toMatchObject({ from: [0, 23], to: [0, 57] })
  })
})

describe('snapping', () => {
  const plan = emptyPlan({ fixtures: [fixture('counter', [20, 70, 60, 24])] })
  it('to the wall when it is near, with a guide', () => {
    const { bounds: to, guides } = snapped(
      plan,
      { list: 'fixtures', id: 'new' },
      { x0: 100.3, x1: 128.3, y0: 3.4, y1: 31.4 },
    )
    expect(to).toMatchObject({ y0: 2, y1: 30 })
    expect(guides).toEqual([{ axis: 'y', at: 2 }])
  })
  it('to the edge of the next thing', () =>
    expect(
      snapped(plan, { list: 'fixtures', id: 'new' }, { x0: 81.2, x1: 109.2, y0: 50.2, y1: 71.2 }).bounds,
    ).toMatchObject({ x0: 80, y0: 49 }))
  it('otherwise to the inch, and never farther than it is near', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 200, noNaN: true }), fc.double({ min: 5, max: 60, noNaN: true }), (x, y) => {
        const { bounds: to, guides } = snapped(
          plan,
          { list: 'fixtures', id: 'new' },
          { x0: x, x1: x + 20, y0: y, y1: y + 20 },
        )
        const far = Math.max(Math.abs(to.x0 - x), Math.abs(to.y0 - y))
        return (
          far <= NEAR &&
          (guides.length > 0 || (Number.isInteger(to.x0) && Number.isInteger(to.y0))) &&
          Math.abs(to.x1 - to.x0 - 20) < 1e-9
        )
      }),
    )
  })
  it('several lined up at the rear end as the rearmost of them', () => {
    const three = emptyPlan({ fixtures: [fixture('counter', [20, 70, 60, 24]), fixture('cabinet', [30, 40, 30, 10])] })
    expect(
      aligned(
        itemsOf(three).filter(({ list }) => list === 'fixtures'),
        'rear',
      ).map(({ to }) => to.x1),
    ).toEqual([80, 80])
  })
})

describe('a plan turned over', () => {
  it.each(demo.map((one) => [one.stock, one] as const))(
    '%s: twice is once, and nothing else about it changes but the side',
    (_, { plan }) => {
      for (const over of ['front to rear', 'side to side'] as const) {
        const image = mirrored(plan, over)
        expect(mirrored(image, over)).toEqual(plan)
        expect(good(image)).toEqual([])
        for (const time of TIMES)
          expect(findingsAt(image, time, [], RULES.ways).length).toBe(findingsAt(plan, time, [], RULES.ways).length)
        const widths = (one: typeof plan) => reachOf(floorOf(one, 'parked')).map(({ width }) => width)
        expect(widths(image)).toEqual(widths(plan))
        const turns = (one: typeof plan) =>
          sightLines(one, 'parked')
            .map(({ turn }) => Math.round(turn))
            .sort()
        expect(turns(image)).toEqual(turns(plan))
      }
    },
  )
})

describe('slides and conversions', () => {
  const slides = [{ id: 's', wall: 'off-door', start: 60, length: 100, depth: 36 }] as const
  it('what stands in the bay rides in it, what is moved out no longer does', () => {
    const plan = emptyPlan({
      slides: [...slides],
      fixtures: [fixture('tri-fold-sofa', [70, -30, 70, 36], {}, { id: 'sofa' })],
    })
    const riding = seated(plan, { list: 'fixtures', id: 'sofa' })
    expect(riding.fixtures[0]).toMatchObject({ slide: 's' })
    const out = seated(withBounds(riding, item(riding, 'sofa'), { x0: 70, x1: 140, y0: 20, y1: 56 }), {
      list: 'fixtures',
      id: 'sofa',
    })
    expect(out.fixtures[0]).not.toHaveProperty('slide')
  })

  it('a sofa becomes a bed that reaches into the room, once', () => {
    const plan = emptyPlan({
      slides: [...slides],
      fixtures: [fixture('tri-fold-sofa', [70, -30, 70, 36], {}, { id: 'sofa', slide: 's' })],
    })
    const { plan: made, id } = madeIntoBed(plan, 'sofa')
    expect(made.berths.find((one) => one.id === id)).toMatchObject({
      kind: 'tri-fold',
      slide: 's',
      conversion: made.conversions[0]!.id,
      shape: { rect: [70, -30, 70, 74] },
    })
    expect(made.conversions[0]).toMatchObject({ uses: ['sofa'], minutes: 2 })
    expect(good(made)).toEqual([])
    expect(madeIntoBed(made, 'sofa')).toEqual({ plan: made })
  })

  it('two that cannot be made together say so once, and can be again', () => {
    const both = emptyPlan({
      conversions: [conversion('a', { excludes: ['b'] }), conversion('b', { excludes: ['a'] })],
    })
    expect(excluding(both, 'a', 'b', true).conversions.map(({ excludes }) => excludes)).toEqual([['b'], []])
    expect(excluding(both, 'b', 'a', false).conversions.map(({ excludes }) => excludes)).toEqual([[], []])
  })

  it('a counter never does', () => {
    expect(becomesBed('counter')).toBe(false)
    const plan = emptyPlan({ fixtures: [fixture('counter', [20, 70, 60, 24])] })
    expect(madeIntoBed(plan, 'counter').plan).toBe(plan)
  })
})
