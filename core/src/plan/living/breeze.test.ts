import { describe, expect, it } from 'vitest'
import { breezes } from './breeze'
import type { Plan, Room, Window } from '../plan'

const box = { length: 240, width: 96, wall: 2, tongue: 40, bumper: 8 }
const room = (name: string, rect: [number, number, number, number]): Room => ({
  id: name,
  name,
  kind: 'living',
  shape: { rect },
  closedBy: name === 'Bedroom' ? 'door' : 'nothing',
})
const pane = (kind: Window['kind'], from: [number, number], to: [number, number]): Window => ({
  id: `${kind}${from.join('-')}`,
  kind,
  from,
  to,
})
const goes = (windows: Window[], rooms: Room[]) =>
  breezes({ box, rooms, windows } as Pick<Plan, 'box' | 'rooms' | 'windows'>).map((one) => one.goes)
const [bedroom, living] = [room('Bedroom', [2, 2, 80, 92]), room('Living', [82, 2, 156, 92])]

describe('a breeze without AC', () => {
  it('crosses where windows that open stand across from each other', () => {
    const both = [pane('opening', [100, 0], [130, 0]), pane('opening', [150, 96], [180, 96])]
    expect(goes(both, [bedroom, living])).toEqual(['none', 'across'])
  })

  it('hardly by one side, and not by panes that are fixed', () => {
    const one = [pane('opening', [100, 0], [130, 0]), pane('fixed', [150, 96], [180, 96])]
    expect(goes(one, [living])).toEqual(['one side'])
    expect(goes([pane('fixed', [100, 0], [130, 0])], [living])).toEqual(['none'])
  })

  it('an exit window opens, the front wall counts, and a window in a slide is the room’s it opens into', () => {
    const exit = [pane('exit', [20, 96], [50, 96]), pane('opening', [0, 30], [0, 60])]
    expect(goes(exit, [bedroom, living])).toEqual(['across', 'none'])
    const out = [pane('opening', [100, -36], [130, -36]), pane('opening', [150, 96], [180, 96])]
    expect(goes(out, [living])).toEqual(['across'])
  })

  it('rooms that nothing shuts share their air, and canvas is all window', () => {
    const galley = room('Galley', [82, 2, 60, 92])
    const rear = room('Rear', [142, 2, 96, 92])
    const both = [pane('opening', [100, 0], [130, 0]), pane('opening', [200, 96], [230, 96])]
    expect(goes(both, [bedroom, galley, rear])).toEqual(['none', 'across', 'across'])
    expect(goes(both, [room('Tent', [-50, 2, 48, 92]), rear])).toHaveLength(1)
  })
})
