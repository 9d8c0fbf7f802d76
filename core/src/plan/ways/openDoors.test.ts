import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { berth, emptyPlan, fixture } from '../../testing/unit'
import { standingOpenWords } from '../findings/clashWords'
import { findingsAt } from '../findings/findings'
import type { Door, Plan } from '../plan'
import { withoutPocket } from '../leaves/pockets'
import { floorOf } from './reach'
import { shutWhileOpen } from './standingOpen'
import { bodiesAt } from '../times'

const door = (id: string, from: Door['from'], to: Door['to'], given: Partial<Door> = {}): Door => ({
  id,
  kind: 'swing',
  from,
  to,
  ...given,
})

describe('a door that is left open', () => {
  /** A bath along the off-door wall, a hall of 34 in beside it, the bed at its end, the entry at the other. */
  const plan = (bath: Partial<Door>, wide = 26): Plan => {
    const hall: Plan['walls'] = [
      { id: 'a', from: [60, 59], to: [100, 59], thickness: 2 },
      { id: 'b', from: [100 + wide, 59], to: [150, 59], thickness: 2 },
      { id: 'front', from: [60, 2], to: [60, 60], thickness: 2 },
      { id: 'rear', from: [150, 2], to: [150, 60], thickness: 2 },
    ]
    return emptyPlan({
      rooms: [
        { id: 'bath', name: 'Bath', kind: 'bath', shape: { rect: [61, 2, 88, 56] }, closedBy: 'door' },
        { id: 'bedroom', name: 'Bedroom', kind: 'bedroom', shape: { rect: [2, 2, 57, 92] }, closedBy: 'nothing' },
      ],
      walls: hall,
      doors: [
        ...emptyPlan().doors,
        door('bath-door', [100, 59], [100 + wide, 59], { hinge: 'from', opens: 'door', ...bath }),
      ],
      fixtures: [
        fixture('toilet', [70, 3, 19, 22], {}, { faces: 'door' }),
        fixture('wardrobe', [4, 70, 24, 20], {}, { faces: 'rear' }),
      ],
      berths: [berth('bed', 52, 50, { shape: { rect: [2, 2, 50, 54] }, access: ['door'], name: 'Double bed' })],
    })
  }
  const lost = (given: Plan) =>
    shutWhileOpen(floorOf(given, 'parked'), [], RULES.ways).map((one) => [
      one.door,
      one.lost.map(({ id }) => id).sort(),
    ])

  it('across the hall shuts what lies behind it: 34 in less a leaf of 26 leave 8', () =>
    expect(lost(plan({}))).toEqual([['bath-door', ['bed', 'wardrobe']]]))
  it('does not, where what is left is wide enough to pass sideways', () => expect(lost(plan({}, 18))).toEqual([]))
  it('into the bath it opens into shuts nothing: one shuts it behind oneself', () =>
    expect(lost(plan({ opens: 'off-door' }))).toEqual([]))
  it('that slides is in nobody’s way', () => expect(lost(plan({ kind: 'sliding' }))).toEqual([]))
  it('is said with the room that is shut, and drawn open', () => {
    const floor = floorOf(plan({}), 'parked')
    const [one] = shutWhileOpen(floor, [], RULES.ways)
    expect(phraseText(standingOpenWords(floor.plan, one!, floor.places))).toBe(
      'While the bath door stands open one does not get past it to the bedroom.',
    )
    const found = findingsAt(floor.plan, 'parked', [], RULES.ways).find(({ ids }) => ids[0] === 'bath-door')
    expect(found).toMatchObject({ weight: 'look', leaves: [{ pin: [100, 59], tip: [100, 85] }] })
  })
})

describe('a door that slides', () => {
  const plan = (kind: Door['kind'], before: number, after: number, fixtures: Plan['fixtures'] = []) =>
    emptyPlan({
      walls: [
        { id: 'a', from: [100 - before, 50], to: [100, 50], thickness: 2 },
        { id: 'b', from: [126, 50], to: [126 + after, 50], thickness: 2 },
      ],
      doors: [...emptyPlan().doors, door('bath-door', [100, 50], [126, 50], { kind })],
      fixtures,
    })
  const without = (given: Plan) =>
    withoutPocket(given, 'parked', bodiesAt(given, 'parked')).map(({ needs, room, stoppedBy }) => [
      needs,
      room,
      stoppedBy,
    ])

  it('into its wall needs as much wall beside it', () => {
    expect(without(plan('pocket', 20, 26))).toEqual([])
    expect(without(plan('pocket', 20, 14))).toEqual([[26, 20, undefined]])
  })
  it('before its wall needs that much free on one face', () => {
    const tall = (x: number, y: number, id: string) => fixture('wardrobe', [x, y, 20, 20], {}, { id })
    const bothFaces = [tall(136, 29, 'one'), tall(136, 51, 'other')]
    expect(without(plan('sliding', 40, 40))).toEqual([])
    expect(without(plan('sliding', 40, 40, bothFaces))).toEqual([])
    const all = [...bothFaces, tall(70, 29, 'third'), tall(70, 51, 'fourth')]
    expect(without(plan('sliding', 40, 40, all))[0]!.slice(0, 2)).toEqual([26, 20])
  })
  it('in two halves needs half of it on either side', () => {
    const tall = (x: number, y: number, id: string) => fixture('wardrobe', [x, y, 20, 20], {}, { id })
    const near = [tall(140, 29, 'one'), tall(140, 51, 'other'), tall(65, 29, 'third'), tall(65, 51, 'fourth')]
    expect(without(plan('sliding', 40, 40, near))).toEqual([])
  })
  it('is said with what is there', () => {
    const said = findingsAt(plan('pocket', 20, 14), 'parked', [], RULES.ways).map(({ says }) => phraseText(says))
    expect(said).toContain('The bath door has no pocket: it is 26 in wide, and beside it there are 20 in of wall.')
  })
})
