import { defaultsOf } from '../../rule/rule'
import { describe, expect, it } from 'vitest'
import { berth, emptyPlan, fixture } from '../../testing/unit'
import type { Door, Plan } from '../plan'
import { suitesAt } from './suites'
import { WAY_RULES } from '../wayRules'

const door = (id: string, from: Door['from'], to: Door['to'], kind: Door['kind'] = 'sliding'): Door => ({
  id,
  kind,
  from,
  to,
})

/**
 * Bedroom in front, a bath along the off-door wall behind it, a hall of 35 in beside that; `hall`: what closes its rear end.
 *
 *      x 2      80         140
 *      bedroom |  bath    |  living
 *              +--==------+            `=` bath door
 *              =  hall    #            `#` hall
 */
const plan = (hall: Door[], given: Partial<Plan> = {}): Plan =>
  emptyPlan({
    rooms: [
      { id: 'bedroom', name: 'Bedroom', kind: 'bedroom', shape: { rect: [2, 2, 77, 92] }, closedBy: 'door' },
      { id: 'bath', name: 'Bath', kind: 'bath', shape: { rect: [81, 2, 58, 55] }, closedBy: 'door' },
      { id: 'living', name: 'Living', kind: 'living', shape: { rect: [81, 2, 157, 92] }, closedBy: 'nothing' },
    ],
    walls: [
      { id: 'front', from: [80, 2], to: [80, 62], thickness: 2 },
      { id: 'front-2', from: [80, 90], to: [80, 94], thickness: 2 },
      { id: 'side', from: [80, 58], to: [96, 58], thickness: 2 },
      { id: 'side-2', from: [120, 58], to: [141, 58], thickness: 2 },
      { id: 'rear', from: [140, 2], to: [140, 58], thickness: 2 },
      ...(hall.length ? [{ id: 'end', from: [140, 58], to: [140, 64], thickness: 2 } as Plan['walls'][number]] : []),
      ...(hall.length ? [{ id: 'end-2', from: [140, 90], to: [140, 94], thickness: 2 } as Plan['walls'][number]] : []),
    ],
    doors: [
      ...emptyPlan().doors,
      door('bedroom-door', [80, 62], [80, 90]),
      door('bath-door', [96, 58], [120, 58]),
      ...hall,
    ],
    berths: [
      berth('bed', 60, 74, { id: 'queen', room: 'bedroom', shape: { rect: [2, 14, 60, 64] }, access: ['rear'] }),
    ],
    fixtures: [fixture('toilet', [110, 4, 19, 24], {}, { faces: 'door' })],
    ...given,
  })
const HALL = door('hall-door', [140, 64], [140, 90])
const shut = (given: Plan) => suitesAt(given, defaultsOf(WAY_RULES)).map((one) => [one.berth, one.toilet, one.shut])

describe('bed and bath shut off together', () => {
  it('by the door at the end of the hall that both open on', () =>
    expect(shut(plan([HALL]))).toEqual([['queen', 'toilet', ['hall-door']]]))
  it('not where the hall stays open to the living room: in it one meets the others', () =>
    expect(shut(plan([]))).toEqual([]))
  it('not by a curtain', () => expect(shut(plan([{ ...HALL, kind: 'curtain' }]))).toEqual([]))
  it('not where one can walk round the door', () =>
    expect(
      shut({ ...plan([HALL]), walls: plan([HALL]).walls.filter(({ id }) => id !== 'rear' && id !== 'side-2') }),
    ).toEqual([]))
  it('by both of its doors, where a bath lies between bedroom and living room', () => {
    // The bedroom opens on the bath alone, the bath on the bedroom and on the living room.
    const through = plan([], {
      walls: [
        { id: 'a', from: [80, 2], to: [80, 30], thickness: 2 },
        { id: 'b', from: [80, 56], to: [80, 94], thickness: 2 },
        { id: 'c', from: [140, 2], to: [140, 30], thickness: 2 },
        { id: 'd', from: [140, 56], to: [140, 94], thickness: 2 },
      ],
      doors: [...emptyPlan().doors, door('bedroom-door', [80, 30], [80, 56]), door('bath-door', [140, 30], [140, 56])],
    })
    expect(shut(through)).toEqual([['queen', 'toilet', ['bath-door']]])
  })
  it('not where people come in by an entry door of its own', () =>
    expect(
      shut(
        plan([HALL], {
          doors: [
            ...plan([HALL]).doors,
            { id: 'entry-2', kind: 'entry', from: [20, 96], to: [46, 96], hinge: 'to', opens: 'door' },
          ],
        }),
      ),
    ).toEqual([]))
})
