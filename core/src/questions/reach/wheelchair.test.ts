import { describe, expect, it } from 'vitest'
import { answerTo } from '../../testing/answerTo'
import type { Plan } from '../../plan/plan'
import { household, person } from '../../testing/someone'
import { berth, emptyPlan, fixture, unit } from '../../testing/unit'
import { reach } from './reach'

const ro = household([person({ name: 'Ro', height: 66, needs: ['wheelchair'] })])
const bed = berth('bed', 38, 75, { id: 'bed', name: 'Bed', shape: { rect: [2, 2, 75, 40] }, access: ['door', 'rear'] })
const sink = fixture('sink', [130, 4, 20, 16])
const counter = fixture('counter', [120, 2, 60, 22], {}, { faces: 'door' })
const toilet = fixture('toilet', [218, 4, 18, 22], {}, { faces: 'door' })
const doors = (wide: number): Plan['doors'] => [{ ...emptyPlan().doors[0]!, from: [100, 96], to: [100 + wide, 96] }]
const said = (given: Partial<Plan>, of = ro) => {
  const { verdict, words, brief } = answerTo(
    reach,
    unit({ berths: [bed], fixtures: [counter, sink, toilet], doors: doors(34), ...given }),
    of,
  )
  return { verdict, words, brief }
}

describe('a wheelchair', () => {
  it('does not come in by a door of 28 in', () => {
    const { verdict, words } = said({ doors: doors(28) })
    expect(verdict).toBe('no')
    expect(words).toContain('Ro uses a wheelchair: by the widest door in 28 in are free, and 32 in are needed')
  })
  it('inside a clear floor it is the steps that are left, said as tight', () =>
    expect(said({})).toMatchObject({ verdict: 'tight', brief: 'steps to the door' }))
  it('by a ramp all is well', () =>
    expect(
      said({ doors: [...doors(28), { id: 'ramp', kind: 'ramp', from: [240, 40], to: [240, 90] }] }).words,
    ).toContain('in by the ramp, and everywhere there is room to pass and to turn'))
  it('does not get through 30 in, and does through 33', () => {
    const gate = (y: number) => fixture('tall-cabinet', [190, y, 6, 94 - y], {}, { id: 'gate', faces: 'front' })
    const walls = (end: number): Plan['walls'] => [{ id: 'w', from: [193, 2], to: [193, end], thickness: 2 }]
    const through = (gap: number) => said({ fixtures: [counter, sink, toilet, gate(50 + gap)], walls: walls(50) }).words
    expect(through(30)).toContain('it does not get to the toilet: to the toilet 30 in are free, and 32 in are needed')
    expect(through(33)).not.toContain('does not get to')
  })
  it('where a circle of 60 in is not free it does not turn', () => {
    // An island leaves 50 in before the counter, from 24 to 74; the bed and the toilet have the open floor.
    const island = fixture('island', [84, 74, 130, 20])
    const given = (y: number) =>
      said({
        fixtures: [
          fixture('counter', [100, 2, 100, 22], {}, { faces: 'door' }),
          fixture('sink', [150, 4, 20, 16]),
          fixture('toilet', [218, 4, 18, 22], {}, { faces: 'door' }),
          { ...island, shape: { rect: [84, y, 130, 94 - y] } },
        ],
        doors: doors(34).map((one) => ({ ...one, from: [40, 96], to: [74, 96] })),
      })
    expect(given(74).words).toMatch(/does not turn at .*the kitchen sink: /)
    // 60 in and 1/4 in are enough, 59 3/4 in are not.
    expect(given(84.25)).toMatchObject({ verdict: 'tight', brief: 'steps to the door' })
    expect(given(83.75).words).toContain('59.5 in are free, and 60 in are needed')
  })
  it('is not spoken of where nobody uses one', () =>
    expect(said({ doors: doors(28) }, household([person({ height: 66 })])).words).not.toContain('uses a wheelchair'))
})
