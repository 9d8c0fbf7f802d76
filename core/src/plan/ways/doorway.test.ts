import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import type { Door, Plan } from '../plan'
import { floorOf, reachOf } from './reach'

/** A bath behind a wall with a gap of so many inches: across the trailer, or along it. */
function bathBehind(gap: number, runs: 'across' | 'along', kind: Door['kind']): Plan {
  const [from, to]: [Door['from'], Door['to']] =
    runs === 'across'
      ? [
          [120, 30],
          [120, 30 + gap],
        ]
      : [
          [60, 50],
          [60 + gap, 50],
        ]
  const door: Door = { id: 'bath', kind, from, to, hinge: 'from', opens: runs === 'across' ? 'rear' : 'door' }
  const wall = (id: string, a: Door['from'], b: Door['to']) => ({ id, from: a, to: b, thickness: 2 })
  return emptyPlan({
    walls:
      runs === 'across'
        ? [wall('a', [120, 2], from), wall('b', to, [120, 94])]
        : [wall('a', [2, 50], from), wall('b', to, [238, 50])],
    doors: [{ id: 'entry', kind: 'entry', from: [180, 96], to: [208, 96], hinge: 'to', opens: 'door' }, door],
    fixtures: [fixture('toilet', [20, 8, 20, 20], {}, { faces: 'rear' })],
  })
}
const widthTo = (plan: Plan): number =>
  reachOf(floorOf(plan, 'parked')).find(({ place }) => place.id === 'toilet')!.width

describe('a doorway is as wide as its gap, whichever way its wall runs and whatever closes it', () => {
  it.each(['across', 'along'] as const)('%s', (runs) => {
    for (const gap of [20, 24, 26.5])
      for (const kind of ['swing', 'curtain', 'pocket'] as const)
        expect(widthTo(bathBehind(gap, runs, kind)), `${gap} ${kind}`).toBeCloseTo(gap, 1)
  })
})
