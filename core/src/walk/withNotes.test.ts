import { describe, expect, it } from 'vitest'
import { best } from '../readings/reading'
import { equipmentOf } from '../trailer/equipment'
import { unit } from '../testing/unit'
import type { WalkEvent, WalkNote } from './event'
import { stationsOf } from './stations'
import { subjectsAt } from './subjects'
import { withNotes } from './withNotes'

const trailer = { ...unit(), stock: 'T-118' }
const event = (what: WalkNote, stock = 'T-118'): WalkEvent => ({
  id: '00000000-0000-7000-8000-000000000001',
  stock,
  about: 'x',
  at: '2026-11-20T10:00:00.000Z',
  what,
})
const reads = (key: string, text: string): WalkNote => ({ kind: 'reading', key, text, source: 'measured' })

describe('a unit with what waits on the device', () => {
  it('shows a figure, a yes and a kind of thing as noted, before any of it is sent', () => {
    const next = withNotes(
      trailer,
      [
        event(reads('readings.overallHeight', `11'4`)),
        event(reads('features.awningLight', 'yes')),
        event({ kind: 'thing', thing: 'generator', there: false }),
      ],
      'you',
    )
    expect(best(next.readings.overallHeight)).toMatchObject({ value: 136, by: 'you', on: '2026-11-20' })
    expect(best(next.features?.awningLight)?.value).toBe(true)
    expect(equipmentOf(next, 'generator')).toEqual([])
    expect(equipmentOf(trailer, 'generator')).toBeUndefined()
  })

  it('is as it was after what is not of this unit, leads nowhere or cannot be read', () =>
    expect(
      withNotes(
        trailer,
        [
          event(reads('readings.overallHeight', '136'), 'T-119'),
          event(reads('plan.berths.nowhere.headroom', '30')),
          event(reads('readings.overallHeight', 'tall')),
          event({ kind: 'shown', point: 'sleep' }),
        ],
        'you',
      ),
    ).toEqual(trailer))
})

describe('what people are asked at a station', () => {
  it('each thing that is argued about at one station only; of the catalogue what this unit has, where it is', () => {
    const has = withNotes(
      trailer,
      [event(reads('features.awningLight', 'yes')), event(reads('features.bottleOpener', 'no'))],
      'x',
    )
    const asked = stationsOf(has).flatMap(({ id }) => subjectsAt(id, has).map((subject) => ({ id, ...subject })))
    const stances = asked.flatMap(({ stance }) => stance ?? [])
    expect(new Set(stances).size).toBe(stances.length)
    expect(stances).toHaveLength(19)
    expect(asked.filter(({ feature }) => feature)).toEqual([{ id: 'door', feature: 'awningLight' }])
  })
})
