import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { berth, conversion, emptyPlan, fixture } from '../../testing/unit'
import { waysOut } from '../ways/exits'
import { findingsAt } from './findings'
import type { Plan, Window } from '../plan'
import { ARM } from '../floor/stands'
import { floorOf, reachOf } from '../ways/reach'

const toilet = fixture('toilet', [10, 40, 19, 22])
const said = (plan: Partial<Plan>, time: 'parked' | 'night' | 'road' = 'parked', made: string[] = []) =>
  findingsAt(emptyPlan(plan), time, made, RULES.ways).map(({ kind, weight, says }) => [kind, weight, phraseText(says)])

it('what stands right inside an outer door is said, while it stands there', () => {
  const said = (x: number, band?: [number, number]) =>
    findingsAt(
      emptyPlan({ fixtures: [fixture('tv', [x, 90, 38, 4], {}, { faces: 'off-door', ...(band && { band }) })] }),
      'parked',
      [],
      RULES.ways,
    ).map(({ says }) => phraseText(says))
  // The entry door is from 160 to 188.
  expect(said(130)).toEqual(['The TV stands right inside the entry door.'])
  expect(said(120)).toEqual([])
  expect(said(130, [74, 90])).toEqual([])
})

describe('what is not right on a drawing', () => {
  it('nothing on a good one', () => expect(said({ fixtures: [toilet] })).toEqual([]))

  it('what stands in something else, by how much', () => {
    expect(said({ fixtures: [toilet, fixture('shower', [24, 40, 30, 30])] })).toContainEqual([
      'overlap',
      'wrong',
      'The toilet stands in the shower by 5 in.',
    ])
  })

  it('what sticks out of the walls', () =>
    expect(said({ fixtures: [fixture('wardrobe', [-4, 20, 26, 20])] })).toContainEqual([
      'outside',
      'wrong',
      'The wardrobe sticks out of the walls by 6 in.',
    ]))

  it('what cannot be reached: parked it cannot be so, on the road it has to be known', () => {
    const wall = fixture('tall-cabinet', [100, 2, 10, 92])
    expect(said({ fixtures: [toilet, wall] })).toContainEqual([
      'unreachable',
      'wrong',
      'One does not get to the toilet from any entry door.',
    ])
    const slides: Plan['slides'] = [{ id: 's', wall: 'off-door', start: 90, length: 40, depth: 40 }]
    const moving = [toilet, { ...fixture('tall-cabinet', [100, -38, 10, 82]), slide: 's' }]
    expect(said({ slides, fixtures: moving })).toEqual([])
    expect(said({ slides, fixtures: moving }, 'road').map(([kind, weight]) => [kind, weight])).toContainEqual([
      'unreachable',
      'look',
    ])
  })

  it('a berth with one way out, at night', () => {
    const bed = berth('bed', 60, 80, { id: 'queen', name: 'Queen', shape: { rect: [2, 16, 80, 60] }, access: ['rear'] })
    expect(said({ berths: [bed] }, 'night')).toContainEqual([
      'no way out',
      'look',
      'The queen has one way out at night, by the entry door.',
    ])
    expect(said({ berths: [bed] })).toEqual([])
  })

  it('a refrigerator that opens against the island, and doors that meet', () => {
    const fridge = fixture('fridge', [140, 2, 24, 28], {}, { faces: 'door' })
    expect(
      said({ fixtures: [fridge, fixture('island', [120, 46, 70, 20])] })
        .map(([, , words]) => words)
        .join(),
    ).toMatch(/The refrigerator’s door opens \d+ degrees only, against the island/)
    const doors: Plan['doors'] = [
      ...emptyPlan().doors,
      { id: 'bath-door', kind: 'swing', from: [100, 40], to: [100, 64], hinge: 'from', opens: 'rear' },
      { id: 'closet-door', kind: 'swing', from: [106, 60], to: [130, 60], hinge: 'from', opens: 'off-door' },
    ]
    expect(said({ doors }).map(([, , words]) => words)).toContain(
      'The bath door and the closet door swing through each other.',
    )
  })

  it('on the road too: the slide that comes in before the refrigerator', () => {
    const slides: Plan['slides'] = [{ id: 's', wall: 'off-door', start: 120, length: 90, depth: 40 }]
    const plan = {
      slides,
      fixtures: [
        fixture('fridge', [132, 66, 24, 28], {}, { faces: 'off-door' }),
        { ...fixture('tri-fold-sofa', [124, -38, 80, 46]), slide: 's' },
      ],
    }
    expect(said(plan).filter(([kind]) => kind === 'clash')).toEqual([])
    expect(said(plan, 'road').map(([kind]) => kind)).toContain('clash')
  })
})

const block = fc.tuple(
  fc.integer({ min: 2, max: 200 }),
  fc.integer({ min: 2, max: 70 }),
  fc.integer({ min: 4, max: 36 }),
  fc.integer({ min: 4, max: 24 }),
)
const things = fc
  .array(block, { maxLength: 5 })
  .map((rects) => rects.map((rect, i) => fixture('cabinet', rect, {}, { id: `k${i}` })))

describe('what must hold of any plan', () => {
  it('one thing more never makes a way wider', () => {
    fc.assert(
      fc.property(things, block, (fixtures, rect) => {
        const width = (list: Plan['fixtures']) =>
          reachOf(floorOf(emptyPlan({ fixtures: [toilet, ...list] }), 'parked')).find(
            ({ place }) => place.id === 'toilet',
          )!.width
        // Wider than two arms nothing squeezes: it is told how far from the wall one first stands behind the door.
        const told = (list: Plan['fixtures']) => Math.min(2 * ARM, width(list))
        return told([...fixtures, fixture('cabinet', rect, {}, { id: 'more' })]) <= told(fixtures) + 0.5
      }),
      { numRuns: 40 },
    )
  })

  it('one exit window more never takes a way out away', () => {
    const bed = berth('bed', 60, 74, {
      id: 'bed',
      shape: { rect: [2, 10, 74, 60] },
      access: ['door', 'off-door', 'rear'],
    })
    fc.assert(
      fc.property(things, fc.integer({ min: 0, max: 200 }), fc.boolean(), (fixtures, start, doorSide) => {
        const window: Window = {
          id: 'w',
          kind: 'exit',
          from: [start, doorSide ? 96 : 0],
          to: [start + 30, doorSide ? 96 : 0],
        }
        const out = (windows: Window[]) =>
          waysOut(floorOf(emptyPlan({ fixtures, berths: [bed], windows }), 'night'), RULES.ways, true)[0]!.by.length
        return out([window]) >= out([])
      }),
      { numRuns: 40 },
    )
  })

  it('a bed that is made up never opens a way', () => {
    const sofa = {
      conversions: [conversion('make')],
      berths: [berth('tri-fold', 60, 74, { id: 'sofa-bed', conversion: 'make', shape: { rect: [100, 20, 60, 60] } })],
    }
    fc.assert(
      fc.property(things, (fixtures) => {
        const width = (made: string[]) =>
          reachOf(floorOf(emptyPlan({ ...sofa, fixtures: [toilet, ...fixtures] }), 'night', made)).find(
            ({ place }) => place.id === 'toilet',
          )!.width
        // Where one comes in the floor is read to the inch, between two things to the eighth: an inch may be told too little.
        return width(['make']) <= width([]) + 1
      }),
      { numRuns: 30 },
    )
  })
})

describe('a slide on its way in', () => {
  const slides: Plan['slides'] = [{ id: 's', wall: 'off-door', start: 90, length: 60, depth: 36 }]
  const sofa = fixture('jackknife-sofa', [100, -32, 40, 12], {}, { slide: 's', faces: 'door' })
  const post = (y: number) => fixture('tall-cabinet', [110, y, 6, 6], {}, { faces: 'rear' })
  const onTheWay = (fixtures: Plan['fixtures']) =>
    said({ slides, fixtures: [toilet, ...fixtures] }, 'road').filter(([, , words]) =>
      words!.startsWith('On its way in'),
    )
  // Out it ends at -20, in it begins at 4: what stands between is clear at both ends.
  it('runs into what stands between where it is out and where it is in', () =>
    expect(onTheWay([sofa, { ...post(-8), slide: undefined }])).toEqual([
      ['overlap', 'wrong', 'On its way in with the slide the jackknife sofa runs into the tall cabinet.'],
    ]))
  it('does not run into what stands beyond, beside it, or rides along', () => {
    expect(onTheWay([sofa, post(60)])).toEqual([])
    expect(onTheWay([sofa, fixture('tall-cabinet', [150, -8, 6, 6], {}, { faces: 'rear' })])).toEqual([])
    expect(onTheWay([sofa, { ...post(-8), slide: 's' }])).toEqual([])
  })
})
