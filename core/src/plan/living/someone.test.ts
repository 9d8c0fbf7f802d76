import { describe, expect, it } from 'vitest'
import { berth, emptyPlan, fixture } from '../../testing/unit'
import type { Plan } from '../plan'
import { area, bounds } from '../shape/shape'
import { outlineOf, touchedBy, type Someone } from './someone'

const ro = (given: Partial<Someone>): Someone => ({
  pose: 'standing',
  at: [100, 48],
  looks: 'door',
  height: 70,
  ...given,
})
const touches = (plan: Partial<Plan>, given: Partial<Someone>) => touchedBy(emptyPlan(plan), 'parked', [], ro(given))

describe('somebody on the plan, to scale', () => {
  it('is as wide across the shoulders as people are, whichever way they look', () => {
    const across = (looks: Someone['looks']) => {
      const { x0, x1, y0, y1 } = bounds(outlineOf(ro({ looks })))
      return [x1 - x0, y1 - y0].map(Math.round)
    }
    expect(across('door')).toEqual([19, 11])
    expect(across('rear')).toEqual([11, 19])
  })
  it('lies as long as they are tall, and turns in a circle of 60 in', () => {
    expect(bounds(outlineOf(ro({ pose: 'lying', looks: 'front' })))).toEqual({ x0: 65, x1: 135, y0: 38, y1: 58 })
    expect(area(outlineOf(ro({ pose: 'turning' })))).toBeCloseTo(Math.PI * 30 * 30, -2)
  })

  const counter = fixture('counter', [60, 2, 80, 24])
  const cabinet = fixture('overhead', [60, 2, 80, 40])
  it('stands free of the counter, and touches it a foot nearer', () => {
    expect(touches({ fixtures: [counter] }, { at: [100, 32] })).toEqual([])
    expect(touches({ fixtures: [counter] }, { at: [100, 30] })).toEqual(['counter'])
  })
  it('bumps the head on what hangs lower than they are tall', () => {
    expect(touches({ fixtures: [cabinet] }, { at: [100, 36], height: 70 })).toEqual(['overhead'])
    expect(touches({ fixtures: [cabinet] }, { at: [100, 36], height: 58 })).toEqual([])
  })
  it('sits on a sofa, not in it; the knees touch what stands before', () => {
    const sofa = fixture('futon', [60, 2, 70, 30], {}, { faces: 'door' })
    expect(touches({ fixtures: [sofa] }, { pose: 'sitting', at: [95, 24] })).toEqual([])
    expect(
      touches({ fixtures: [sofa, fixture('island', [60, 34, 70, 20])] }, { pose: 'sitting', at: [95, 24] }),
    ).toEqual(['island'])
  })
  it('lies in a bed that is long enough, and touches its wall in one that is not', () => {
    const berths = [berth('bed', 54, 60, { shape: { rect: [2, 20, 60, 54] } })]
    expect(touches({ berths }, { pose: 'lying', looks: 'front', at: [37.5, 40] })).toEqual([])
    expect(touches({ berths }, { pose: 'lying', looks: 'front', at: [30, 40] })).toEqual(['outer front'])
  })
  it('turns where 60 in are free, and not in 50', () => {
    const island = (y: number) => ({ fixtures: [counter, fixture('island', [20, y, 160, 94 - y])] })
    expect(touches(island(87), { pose: 'turning', at: [100, 56.5] })).toEqual([])
    expect(touches(island(76), { pose: 'turning', at: [100, 51] })).toEqual(['counter', 'island'])
  })
})
