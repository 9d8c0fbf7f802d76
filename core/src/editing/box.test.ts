import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { openingsInNoWall } from '../plan/openings'
import { strays } from '../plan/times'
import { berth, emptyPlan, fixture } from '../testing/unit'
import { resized } from './box'

const plan = emptyPlan({
  windows: [
    { id: 'door-side', kind: 'exit', from: [60, 96], to: [90, 96] },
    { id: 'off-door', kind: 'exit', from: [60, 0], to: [90, 0] },
    { id: 'rear', kind: 'fixed', from: [240, 30], to: [240, 60] },
  ],
  walls: [{ id: 'w', from: [100, 2], to: [100, 94], thickness: 2 }],
  fixtures: [fixture('counter', [120, 70, 60, 24]), fixture('fridge', [10, 2, 24, 24])],
  berths: [berth('bed', 60, 80, { shape: { rect: [178, 2, 60, 80] }, head: 'off-door' })],
})

describe('a box made wider or longer takes along what stands on its walls', () => {
  it('door-side window and counter move, the fridge on the other wall stays, the inside wall is drawn on', () => {
    const wider = resized(plan, { width: 102 })
    expect(wider.windows[0]).toMatchObject({ from: [60, 102], to: [90, 102] })
    expect(wider.windows[1]).toMatchObject({ from: [60, 0], to: [90, 0] })
    expect(wider.fixtures.map(({ shape }) => shape)).toEqual([{ rect: [120, 76, 60, 24] }, { rect: [10, 2, 24, 24] }])
    expect(wider.walls[0]).toMatchObject({ from: [100, 2], to: [100, 100] })
    expect(wider.rooms[0]!.shape).toEqual({ rect: [2, 2, 236, 98] })
  })

  it('and what stands on the rear wall goes with the length', () => {
    const longer = resized(plan, { length: 252 })
    expect(longer.berths[0]!.shape).toEqual({ rect: [190, 2, 60, 80] })
    expect(longer.windows[2]).toMatchObject({ from: [252, 30] })
  })

  it('no opening is left in no wall and nothing sticks out, whatever it becomes; and back it is as it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 400 }), fc.integer({ min: 94, max: 102 }), (length, width) => {
        const there = resized(plan, { length, width })
        expect(openingsInNoWall(there)).toEqual([])
        expect(strays(there)).toEqual([])
        expect(resized(there, plan.box)).toEqual(plan)
      }),
    )
  })
})
