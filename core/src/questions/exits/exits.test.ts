import { describe, expect, it } from 'vitest'
import { couple, household, person, readings } from '../../testing/someone'
import { berth, fixture, unit } from '../../testing/unit'
import type { Plan } from '../../plan/plan'
import { exits } from './exits'
import { answerTo } from '../../testing/answerTo'

const judge = answerTo
const two = household(couple())
const bed = berth('bed', 60, 80, {
  id: 'queen',
  name: 'Queen',
  shape: { rect: [2, 16, 80, 60] },
  access: ['door', 'off-door', 'rear'],
})

describe('can everyone get out at night', () => {
  const window = { id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] } as const
  it('a window and a door are two', () =>
    expect(
      judge(exits, unit({ berths: [bed], windows: [{ ...window, from: [20, 0], to: [50, 0] }] }), two),
    ).toMatchObject({ verdict: 'fits', cautions: ['exits'] }))

  it('one door only is tight, names who lies there, and asks to look for a second', () => {
    const answer = judge(exits, unit({ berths: [bed] }), household(couple({ name: 'Ada' }, { name: 'Bo' })))
    expect(answer).toMatchObject({ verdict: 'tight', brief: 'one way out of the queen', cautions: ['exits'] })
    expect(answer.words).toContain('Ada and Bo, in the queen: only one way out at night, by the entry door')
  })

  it('none at all is no', () => {
    expect(judge(exits, unit({ berths: [bed], fixtures: [fixture('wardrobe', [90, 2, 20, 92])] }), two)).toMatchObject({
      verdict: 'no',
      brief: 'no way out of the queen',
    })
  })

  it('a berth nobody sleeps in is nobody’s danger', () => {
    const trailer = unit({
      berths: [
        { ...bed, readings: bed.readings },
        berth('bunk', 28, 74, { id: 'bunk', shape: { rect: [130, 2, 74, 28] }, access: ['door'], limit: 300 }),
      ],
      windows: [{ ...window, from: [20, 0], to: [50, 0] }],
    })
    expect(judge(exits, trailer, two).words).toBe('Two ways out of every berth they sleep in.')
  })

  it('a cargo door where a child sleeps is warned of, where grown people sleep it is not', () => {
    const hatched = unit({
      berths: [bed],
      windows: [{ ...window, from: [20, 0], to: [50, 0] }],
      doors: [
        { id: 'entry', kind: 'entry', from: [160, 96], to: [188, 96], hinge: 'to', opens: 'door' },
        { id: 'hatch', kind: 'cargo', from: [0, 40], to: [0, 60] },
      ],
    })
    expect(judge(exits, hatched, two).cautions).toEqual(['exits'])
    const child = household([person({ age: 8, height: 50, weight: 60 })])
    expect(judge(exits, hatched, child).cautions).toEqual(['exits', 'hatch'])
  })
})

describe('out by a cargo door', () => {
  // One entry door far from the bed, and a cargo door beside it.
  const trailer = (lock?: string) => ({
    ...unit({
      berths: [berth('bed', 60, 74, { shape: { rect: [20, 30, 74, 60] }, access: ['off-door'], head: 'front' })],
      doors: [
        { id: 'entry', kind: 'entry', from: [160, 96], to: [188, 96], hinge: 'to', opens: 'door' },
        { id: 'hatch', kind: 'cargo', from: [0, 4], to: [0, 28] },
      ],
    }),
    ...(lock !== undefined && { features: readings({ hatchLock: lock }) }),
  })
  const out = (lock?: string) => judge(exits, trailer(lock), household([person()]))
  it('counts where it opens from inside, and not where it is locked from outside', () => {
    expect(out('from inside and outside').verdict).toBe('fits')
    expect(out('from outside only').verdict).toBe('tight')
  })
  it('unread it is to be looked at', () =>
    expect(out()).toMatchObject({ verdict: 'measure', missing: ['features.hatchLock'] }))
  describe('beside the mattress, where there is no floor to walk to it', () => {
    // The bed fills the front from wall to wall; one gets out of it at its rear.
    const bunk = (hatch: [number, number], stands: Plan['fixtures'] = []) => ({
      ...unit({
        berths: [berth('bed', 60, 74, { shape: { rect: [12, 2, 60, 92] }, access: ['rear'], head: 'off-door' })],
        doors: [
          { id: 'entry', kind: 'entry', from: [160, 96], to: [188, 96], hinge: 'to', opens: 'door' },
          { id: 'hatch', kind: 'cargo', from: [0, hatch[0]], to: [0, hatch[1]] },
        ],
        fixtures: stands,
      }),
      features: readings({ hatchLock: 'from inside and outside' }),
    })
    const verdict = (...given: Parameters<typeof bunk>) => judge(exits, bunk(...given), household([person()])).verdict
    it('counts where one climbs through it', () => expect(verdict([30, 56])).toBe('fits'))
    it('does not where it is too small', () => expect(verdict([30, 48])).toBe('tight'))
    it('does not where something stands before it', () =>
      expect(verdict([30, 56], [fixture('cabinet', [2, 36, 9, 20])])).toBe('tight'))
  })
})
