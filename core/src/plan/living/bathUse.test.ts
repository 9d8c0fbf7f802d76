import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { toiletRoom } from './elbow'
import type { Door, Plan } from '../plan'
import { shuttingAt } from './shutting'
import { stepInsAt } from './stepIn'

const room: Plan['rooms'][number] = {
  id: 'bath',
  name: 'Bath',
  kind: 'bath',
  shape: { rect: [2, 2, 60, 46] },
  closedBy: 'door',
}
const walls: Plan['walls'] = [
  { id: 'side', from: [63, 2], to: [63, 50], thickness: 2 },
  { id: 'a', from: [2, 49], to: [30, 49], thickness: 2 },
  { id: 'b', from: [54, 49], to: [64, 49], thickness: 2 },
]
const door = (given: Partial<Door> = {}): Door => ({
  id: 'bath-door',
  kind: 'swing',
  from: [30, 49],
  to: [54, 49],
  hinge: 'from',
  opens: 'off-door',
  ...given,
})
const bath = (doors: Door[], ...fixtures: Plan['fixtures']) =>
  emptyPlan({ rooms: [room], walls, doors: [...emptyPlan().doors, ...doors], fixtures })

describe('the room at a toilet', () => {
  const seat = fixture('toilet', [34, 3, 19, 22], {}, { faces: 'door' })
  it('ends at the door that is shut: 24 in from a seat at 25 to a door at 49', () =>
    expect(Math.round(toiletRoom(bath([door()], seat))[0]!.deep)).toBe(23))
  it('a curtain shuts it as a door does; with neither one looks through', () => {
    expect(Math.round(toiletRoom(bath([door({ kind: 'curtain' })], seat))[0]!.deep)).toBe(23)
    expect(toiletRoom(bath([], seat))[0]!.deep).toBeGreaterThan(60)
  })
})

describe('the step into a shower or tub', () => {
  const tub = fixture('tub', [2, 2, 38, 28], {}, { faces: 'door' })
  it('is as wide as the floor before it', () => {
    expect(stepInsAt(bath([door()], tub))).toEqual([{ id: 'tub', wide: 38 }])
    const vanity = fixture('vanity', [2, 34, 14, 14])
    expect(stepInsAt(bath([door()], tub, vanity))).toEqual([{ id: 'tub', wide: 24 }])
  })
  it('is none where a toilet stands before its only open side', () => {
    const toilet = fixture('toilet', [41, 4, 19, 26])
    expect(stepInsAt(bath([door()], { ...tub, faces: 'rear' }, toilet))).toEqual([{ id: 'tub', wide: 0 }])
  })
})

describe('shutting the bath door behind oneself', () => {
  it('asks nothing of a door that opens out, or slides', () => {
    expect(shuttingAt(bath([door({ opens: 'door' })]))).toEqual([])
    expect(shuttingAt(bath([door({ kind: 'sliding' })]))).toEqual([])
  })
  it('one stands beside the leaf: in 26 in before the corner, 24 in of leaf off it', () => {
    // The leaf turns on (30, 49) and sweeps a quarter circle of 24 in towards the rear; left of it 28 in are free.
    const [found] = shuttingAt(bath([door()]))
    expect(found).toMatchObject({ room: 'bath', door: 'bath-door' })
    expect(found!.wide).toBeGreaterThanOrEqual(26)
  })
  it('and nowhere where things fill what the leaf leaves', () => {
    const filled = [
      fixture('tub', [2, 2, 60, 22]),
      fixture('vanity', [2, 24, 27, 24]),
      fixture('linen', [54, 24, 8, 24]),
    ]
    expect(shuttingAt(bath([door()], ...filled))[0]!.wide).toBeLessThan(12)
  })
})
