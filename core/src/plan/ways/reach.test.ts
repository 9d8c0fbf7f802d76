import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { describe, expect, it } from 'vitest'
import { berth, conversion, emptyPlan, fixture } from '../../testing/unit'
import { waysOut } from './exits'
import type { Plan, Window } from '../plan'
import { floorOf, reachOf, wayOf } from './reach'
import { ARM } from '../floor/stands'

const toilet = fixture('toilet', [10, 40, 19, 22])
const gate = (from: number, to: number) => [
  fixture('tall-cabinet', [100, 2, 10, from - 2], {}, { id: 'a' }),
  fixture('tall-cabinet', [100, to, 10, 94 - to], {}, { id: 'b' }),
]
const reached = (plan: Plan, id: string, time: 'parked' | 'road' | 'night' = 'parked', made: string[] = []) =>
  reachOf(floorOf(plan, time, made)).find(({ place }) => place.id === id)!
const toToilet = (...between: ReturnType<typeof fixture>[]) =>
  reached(emptyPlan({ fixtures: [toilet, ...between] }), 'toilet')

describe('reach from the entry door', () => {
  it.each([
    [38, 58, 20],
    [36, 66, 30],
    [44, 58, 14],
  ])('through a gate from %d to %d in it is that gap wide', (from, to, gap) => {
    expect(toToilet(...gate(from, to)).width).toBe(gap)
  })

  it('it says what the squeeze lies between', () => {
    expect(toToilet(...gate(38, 58)).between!.sort()).toEqual(['a', 'b'])
    expect(toToilet(fixture('tall-cabinet', [100, 2, 10, 72], {}, { id: 'a' })).between!.sort()).toEqual([
      'a',
      'outer door',
    ])
  })

  it('there is no way through a wall', () => expect(toToilet(fixture('tall-cabinet', [100, 2, 10, 92])).width).toBe(0))

  it('what hangs overhead is no hindrance, a counter is', () => {
    const open = toToilet().width
    expect(toToilet(fixture('overhead', [100, 2, 40, 60])).width).toBe(open)
    expect(toToilet(fixture('counter', [100, 2, 40, 60])).width).toBeLessThan(open)
  })

  it('the way that is drawn starts at the door, ends within reach, and never leaves the floor', () => {
    const floor = floorOf(emptyPlan({ fixtures: [toilet, ...gate(38, 58)] }), 'parked')
    const { path, narrowest } = wayOf(floor, 'toilet')!
    expect(path[0]![0]).toBeGreaterThan(160)
    expect(path[0]![0]).toBeLessThan(188)
    expect(narrowest[0]).toBeGreaterThanOrEqual(98)
    expect(narrowest[0]).toBeLessThanOrEqual(120)
    const [x, y] = path.at(-1)!
    expect(Math.hypot(Math.max(10 - x, 0, x - 29), Math.max(40 - y, 0, y - 62))).toBeLessThanOrEqual(ARM + 3)
    const { wide, columns, x0, y0 } = floor.clearance
    for (const [px, py] of path) expect(wide[Math.floor(py - y0) * columns + Math.floor(px - x0)]).toBeGreaterThan(0)
  })

  it('nobody uses a toilet through the wall of the next room, however near it is', () => {
    const walls = [{ id: 'across', from: [34, 2], to: [34, 94], thickness: 2 }] as Plan['walls']
    expect(reached(emptyPlan({ fixtures: [toilet], walls }), 'toilet').width).toBe(0)
    expect(reached(emptyPlan({ fixtures: [toilet] }), 'toilet').width).toBeGreaterThan(30)
  })

  it('a refrigerator is used from its front only', () => {
    const fridge = fixture('fridge', [100, 2, 28, 28], {}, { faces: 'door' })
    expect(reached(emptyPlan({ fixtures: [fridge] }), 'fridge').width).toBeGreaterThan(28)
    expect(
      reached(emptyPlan({ fixtures: [fridge, fixture('island', [88, 32, 52, 30])] }), 'fridge').width,
    ).toBeLessThan(10)
  })

  it('a second entry door reaches what the first one cannot', () => {
    const plan = emptyPlan({ fixtures: [toilet, fixture('tall-cabinet', [100, 2, 10, 92])] })
    expect(reached(plan, 'toilet').width).toBe(0)
    expect(
      reached(
        { ...plan, doors: [...plan.doors, { id: 'second', kind: 'entry', from: [40, 96], to: [66, 96] }] },
        'toilet',
      ).width,
    ).toBeGreaterThan(20)
  })

  it.each([[24], [18]])('an inside wall with a gap of %d in lets one through as wide as the gap', (gap) => {
    const walls = [
      { id: 'a', from: [100, 2], to: [100, 40], thickness: 2 },
      { id: 'b', from: [100, 40 + gap], to: [100, 94], thickness: 2 },
    ] as Plan['walls']
    expect(Math.abs(reached(emptyPlan({ fixtures: [toilet], walls }), 'toilet').width - gap)).toBeLessThanOrEqual(1)
  })

  it('a door that hits something on its way open leaves only part of its opening', () => {
    const walls = [
      { id: 'a', from: [100, 2], to: [100, 40], thickness: 2 },
      { id: 'b', from: [100, 66], to: [100, 94], thickness: 2 },
    ] as Plan['walls']
    const doors = [
      ...emptyPlan().doors,
      { id: 'bath-door', kind: 'swing', from: [100, 40], to: [100, 66], hinge: 'from', opens: 'rear' },
    ] as Plan['doors']
    const width = (...fixtures: Plan['fixtures']) =>
      reached(emptyPlan({ fixtures: [toilet, ...fixtures], walls, doors }), 'toilet').width
    expect(width()).toBeGreaterThan(24)
    // A cabinet 13 in behind the door stops the leaf at some 30 degrees: half the doorway.
    expect(width(fixture('tall-cabinet', [113, 2, 20, 55]))).toBeLessThanOrEqual(15)
  })

  it('with its slide out everything can be reached; in, the slide hides the refrigerator, and it says so', () => {
    const slides = [{ id: 's', wall: 'off-door', start: 60, length: 100, depth: 36 }] as Plan['slides']
    const plan = emptyPlan({
      slides,
      fixtures: [
        fixture('tri-fold-sofa', [62, -34, 96, 36], {}, { id: 'sofa', slide: 's' }),
        fixture('fridge', [80, 66, 28, 28], {}, { faces: 'off-door' }),
        fixture('island', [116, 46, 20, 48]),
      ],
    })
    expect(reached(plan, 'fridge').width).toBeGreaterThan(24)
    const road = reached(plan, 'fridge', 'road')
    expect(road.width).toBeLessThan(10)
    expect(road.width === 0 ? ['sofa'] : road.between).toContain('sofa')
  })

  it('without a slide the road is as the camp: everything by the same ways', () => {
    const plan = emptyPlan({
      fixtures: [toilet, ...gate(38, 58), fixture('fridge', [60, 2, 28, 28], {}, { faces: 'door' })],
    })
    const widths = (time: 'parked' | 'road') =>
      reachOf(floorOf(plan, time)).map(({ place, width }) => [place.id, width])
    expect(widths('road')).toEqual(widths('parked'))
  })
})

const bed = berth('bed', 60, 74, {
  id: 'bed',
  shape: { rect: [2, 16, 74, 60] },
  head: 'front',
  access: ['door', 'off-door', 'rear'],
})
const window = (id: string, from: [number, number], to: [number, number], kind: Window['kind'] = 'exit'): Window => ({
  id,
  kind,
  from,
  to,
})
const outOf = (plan: Partial<Plan>, id = 'bed', made: string[] = []) =>
  waysOut(floorOf(emptyPlan(plan), 'night', made), RULES.ways, true).find(({ berth: name }) => name === id)!
const bedroom = {
  walls: [
    { id: 'a', from: [92, 2], to: [92, 40], thickness: 2 },
    { id: 'b', from: [92, 64], to: [92, 94], thickness: 2 },
  ] as Plan['walls'],
  doors: [...emptyPlan().doors, { id: 'bedroom-door', kind: 'sliding', from: [92, 40], to: [92, 64] }] as Plan['doors'],
}

describe('two ways out of a berth', () => {
  it('the window over the bed and the door', () =>
    expect(outOf({ berths: [bed], windows: [window('w', [20, 0], [50, 0])] }).by).toEqual(['w', 'entry']))
  it('a window that only opens is no way out', () =>
    expect(outOf({ berths: [bed], windows: [window('w', [20, 0], [50, 0], 'opening')] }).by).toEqual(['entry']))

  it('two doors behind the same bedroom door are one way: it says which', () => {
    const doors = [...bedroom.doors, { id: 'second', kind: 'entry', from: [110, 96], to: [138, 96] }] as Plan['doors']
    expect(outOf({ ...bedroom, doors, berths: [bed] })).toEqual({
      berth: 'bed',
      by: ['second'],
      blocked: 'bedroom-door',
    })
  })

  it('each door on the way counts: an open hall behind the first does not make up for the second', () => {
    // Bed, bedroom door, hall, hall door; both entries lie beyond the hall door.
    const walls = [
      ...bedroom.walls,
      { id: 'c', from: [130, 2], to: [130, 40], thickness: 2 },
      { id: 'd', from: [130, 64], to: [130, 94], thickness: 2 },
    ] as Plan['walls']
    const hall = { id: 'hall-door', kind: 'sliding', from: [130, 40], to: [130, 64] } as const
    const behind = {
      walls,
      doors: [...bedroom.doors, hall, { id: 'second', kind: 'entry', from: [200, 96], to: [228, 96] }] as Plan['doors'],
      berths: [bed],
    }
    expect(outOf(behind).by).toHaveLength(1)
    // A window in the hall gets one past the hall door, but not past the bedroom's.
    expect(outOf({ ...behind, windows: [window('w', [100, 0], [126, 0])] })).toMatchObject({ blocked: 'bedroom-door' })
    // A window over the bed leads out whatever is shut.
    expect(outOf({ ...behind, windows: [window('w', [20, 0], [50, 0])] }).by).toHaveLength(2)
  })

  it('two doors in the same open room are two', () => {
    const doors = [
      ...emptyPlan().doors,
      { id: 'second', kind: 'entry', from: [90, 96], to: [118, 96] },
    ] as Plan['doors']
    expect(outOf({ doors, berths: [bed] }).by).toEqual(['second', 'entry'])
  })

  it('a bed walled in by another that is made up has none', () => {
    const made = {
      conversions: [conversion('make')],
      berths: [
        bed,
        berth('tri-fold', 60, 74, { id: 'sofa-bed', conversion: 'make', shape: { rect: [80, 2, 74, 90] } }),
      ],
    }
    expect(outOf(made).by).toEqual(['entry'])
    expect(outOf(made, 'bed', ['make']).by).toEqual([])
  })

  it('one climbs over the bench under an exit window, not over a wardrobe', () => {
    const sleeper = berth('bunk', 30, 74, { id: 'bed', shape: { rect: [2, 2, 74, 30] }, access: ['door', 'rear'] })
    const over = (kind: 'booth' | 'wardrobe') =>
      outOf({
        berths: [sleeper],
        fixtures: [fixture(kind, [110, 2, 70, 40])],
        windows: [window('w', [120, 0], [150, 0])],
      }).by
    expect(over('booth')).toContain('w')
    expect(over('wardrobe')).toEqual(['entry'])
  })
})
