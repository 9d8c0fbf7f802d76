import { describe, expect, it } from 'vitest'
import { berth, emptyPlan, fixture } from '../testing/unit'
import type { Plan } from './plan'
import { nameOnPlan } from './naming'

const rooms: Plan['rooms'] = [
  { id: 'living', name: 'Living', kind: 'living', shape: { rect: [2, 2, 118, 92] }, closedBy: 'nothing' },
  { id: 'bunks', name: 'Bunk room', kind: 'bunk room', shape: { rect: [122, 2, 116, 92] }, closedBy: 'door' },
]
const window = (id: string, x: number, y: number): Plan['windows'][number] => ({
  id,
  kind: 'exit',
  from: [x, y],
  to: [x + 30, y],
})
const plan = emptyPlan({
  rooms,
  doors: [
    ...emptyPlan().doors,
    { id: 'bath-door', kind: 'swing', from: [60, 40], to: [60, 64] },
    { id: 'second', kind: 'entry', from: [20, 96], to: [48, 96] },
    { id: 'back', kind: 'ramp', from: [240, 6], to: [240, 90] },
  ],
  windows: [window('one', 20, 0), window('left', 150, 0), window('right', 150, 96)],
  walls: [{ id: 'wall-1', from: [120, 2], to: [120, 94], thickness: 2 }],
  fixtures: [
    fixture('tri-fold-sofa', [20, 2, 70, 36]),
    fixture('u-dinette', [20, 60, 70, 34], {}, { id: 'u', name: 'U-dinette' }),
  ],
  berths: [berth('bunk', 30, 74, { id: 'low', name: 'Lower bunk' })],
})

describe('things on a plan as one speaks of them', () => {
  it.each([
    ['tri-fold-sofa', 'the tri-fold sofa'],
    ['u', 'the U-dinette'],
    ['low', 'the lower bunk'],
    ['wall-1', 'a wall'],
    ['outer door', 'the door-side wall'],
    ['door', 'door'],
    ['outer front', 'the front wall'],
    ['entry', 'the entry door'],
    ['second', 'the second entry door'],
    ['back', 'the ramp door'],
    ['bath-door', 'the bath door'],
    ['one', 'the exit window in the living area'],
    ['left', 'the off-door exit window in the bunk room'],
    ['right', 'the door-side exit window in the bunk room'],
    ['no-such-thing', 'no such thing'],
  ])('%s: %s', (id, name) => expect(nameOnPlan(plan, id)).toBe(name))
})
