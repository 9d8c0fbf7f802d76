import { describe, expect, it } from 'vitest'
import { toiletRoom } from '../plan/living/elbow'
import { measuredApart } from '../plan/findings/measuredApart'
import type { Plan } from '../plan/plan'
import { phraseText } from '../quantity/phrase'
import { berth, emptyPlan, fixture } from '../testing/unit'
import { readings } from '../testing/someone'
import { asMeasured } from './asMeasured'

/** A bath along the off-door wall between two cross walls, its door in the long wall. */
const bath = (room: number, vanity: Plan['fixtures'] = []): Plan =>
  emptyPlan({
    rooms: [
      { id: 'bath', name: 'Bath', kind: 'bath', shape: { rect: [41, 2, 58, 46] }, closedBy: 'door' },
      { id: 'living', name: 'Living', kind: 'living', shape: { rect: [101, 2, 137, 92] }, closedBy: 'nothing' },
    ],
    walls: [
      { id: 'front', from: [40, 2], to: [40, 49], thickness: 2 },
      { id: 'rear', from: [100, 2], to: [100, 49], thickness: 2 },
      { id: 'long-1', from: [39, 49], to: [50, 49], thickness: 2 },
      { id: 'long-2', from: [74, 49], to: [101, 49], thickness: 2 },
    ],
    doors: [...emptyPlan().doors, { id: 'bath-door', kind: 'swing', from: [50, 49], to: [74, 49] }],
    fixtures: [fixture('toilet', [60, 3, 19, 22], { room }, { faces: 'door' }), ...vanity],
  })
const apart = (plan: Plan) => measuredApart(plan).map(({ says }) => phraseText(says))

describe('what was measured and is drawn otherwise', () => {
  it('the room at a toilet, by more than an inch', () => {
    expect(apart(bath(58))).toEqual([])
    expect(apart(bath(57))).toEqual([])
    expect(apart(bath(54))).toEqual(['Wall to wall at the toilet was measured 54 in; drawn it is 58 in.'])
  })
  it('a shower inside, the longer side whichever way it lies', () => {
    const stall = (values: Record<string, number>) =>
      apart(emptyPlan({ fixtures: [fixture('shower', [2, 2, 30, 36], values)] }))
    expect(stall({ length: 36, width: 30 })).toEqual([])
    expect(stall({ length: 30, width: 36 })).toEqual([])
    expect(stall({ length: 33, width: 30 })).toEqual(['The shower was measured 33 in long inside; drawn it is 36 in.'])
  })
  it('a mattress larger than what is drawn for it, not one that is a little smaller than its platform', () => {
    const lying = (length: number) =>
      apart(emptyPlan({ berths: [berth('bed', 58, length, { name: 'Queen', shape: { rect: [2, 2, 76, 60] } })] }))
    expect(lying(74)).toEqual([])
    expect(lying(80)).toEqual(['The mattress of the queen was measured 80 in long; drawn it is 76 in.'])
  })
  it('a TV by its diagonal: 40 in across is 35 in wide', () => {
    const tv = (wide: number) =>
      emptyPlan({ fixtures: [fixture('tv', [60, 2, wide, 4], { diagonal: 40 }, { faces: 'door' })] })
    expect(apart(tv(34))).toEqual([])
    expect(apart(tv(12))).toEqual(['A TV of 40 in is about 35 in wide; drawn it is 12 in.'])
    expect(asMeasured(tv(12), measuredApart(tv(12))[0]!)!.plan.fixtures[0]!.shape).toEqual({ rect: [60, 2, 35, 4] })
  })
  it('a bay door wider than it is drawn', () => {
    const bay = (doorWidth: number) =>
      apart(
        emptyPlan({
          outside: [{ id: 'bay', kind: 'bay', wall: 'door', start: 20, length: 30, readings: readings({ doorWidth }) }],
        }),
      )
    expect(bay(28)).toEqual([])
    expect(bay(34)).toEqual(['The bay door was measured 34 in wide; drawn it is 30 in.'])
  })
})

describe('drawn as measured', () => {
  const redrawn = (plan: Plan) => asMeasured(plan, measuredApart(plan)[0]!)

  it('the wall beside the toilet is moved, with the walls that end at it and the rooms on both sides', () => {
    const { does, plan } = redrawn(bath(54))!
    expect(does).toBe('move the wall')
    expect(toiletRoom(plan)[0]!.wide).toBe(54)
    expect(apart(plan)).toEqual([])
    const wall = plan.walls.find(({ id }) => id === 'rear') ?? plan.walls[1]!
    expect([wall.from, wall.to]).toEqual([
      [96, 2],
      [96, 49],
    ])
    // What ended at the wall still does, and both rooms end where it now stands.
    expect(plan.walls.find(({ id }) => id === 'long-2')!.to).toEqual([97, 49])
    expect(plan.rooms.map(({ shape }) => shape)).toEqual([{ rect: [41, 2, 54, 46] }, { rect: [97, 2, 141, 92] }])
    expect(plan.doors).toEqual(bath(54).doors)
  })
  it('a wall with a doorway moves whole, its door in it', () => {
    const turned = bath(40)
    const plan: Plan = {
      ...turned,
      fixtures: [fixture('toilet', [42, 10, 22, 19], { room: 40 }, { faces: 'rear' })],
    }
    const { plan: next } = redrawn(plan)!
    expect(toiletRoom(next)[0]!.wide).toBe(40)
    // The shut door, an inch thick, lies on the wall's middle: 2 and 40 and half an inch.
    expect(next.doors.find(({ id }) => id === 'bath-door')).toMatchObject({ from: [50, 42.5], to: [74, 42.5] })
    expect(next.walls.filter(({ id }) => id.startsWith('long')).map(({ from }) => from[1])).toEqual([42.5, 42.5])
    expect(next.walls.find(({ id }) => id === 'front')!.to).toEqual([40, 42.5])
  })
  it('between a cabinet and the outer wall there is no wall to move', () => {
    const plan = emptyPlan({
      fixtures: [
        fixture('toilet', [2, 10, 22, 19], { room: 50 }, { faces: 'rear' }),
        fixture('tall-cabinet', [2, 60, 30, 30]),
      ],
    })
    expect(measuredApart(plan)).toHaveLength(1)
    expect(redrawn(plan)).toBeUndefined()
  })
  it('a shower is drawn as large as it is, on from its outer wall', () => {
    const plan = emptyPlan({ fixtures: [fixture('shower', [2, 2, 30, 36], { length: 33, width: 30 })] })
    expect(redrawn(plan)!.plan.fixtures[0]!.shape).toEqual({ rect: [2, 2, 30, 33] })
    expect(apart(redrawn(plan)!.plan)).toEqual([])
  })
  it('a bed too, along its mattress', () => {
    const plan = emptyPlan({
      berths: [berth('bed', 58, 80, { name: 'Queen', head: 'rear', shape: { rect: [160, 2, 76, 60] } })],
    })
    expect(redrawn(plan)!.plan.berths[0]!.shape).toEqual({ rect: [156, 2, 80, 60] })
  })
})
