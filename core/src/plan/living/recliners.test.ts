import { defaultsOf } from '../../rule/rule'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { beforeCounter } from './beforeCounter'
import type { Plan } from '../plan'
import { openedAt, withOpened } from './recliners'
import { WAY_RULES } from '../wayRules'

/**
 * Seats of 34 in along the door-side wall, looking at a counter run from `counter` on, and the refrigerator in front of them:
 *
 *      y 2   counter ------------------
 *            (aisle)
 *      y 60  [ seats ]      entry at x 160
 */
const galley = (opened: number | undefined, deep = 24): Plan =>
  emptyPlan({
    fixtures: [
      fixture('theater-seats', [60, 60, 60, 34], { seats: 2, ...(opened && { opened }) }, { faces: 'off-door' }),
      fixture('counter', [30, 2, 120, deep], {}, { faces: 'door' }),
      fixture('wardrobe', [2, 30, 20, 40], {}, { faces: 'rear' }),
    ],
  })
const ids = (plan: Plan) =>
  openedAt(plan, defaultsOf(WAY_RULES)).map(({ lost, ...rest }) => ({ ...rest, lost: lost.map(({ id }) => id) }))

describe('a seat that reclines', () => {
  it('comes out by what it reaches past its depth; nothing is cut off where one still gets by', () =>
    // 34 in deep, reaches 50: 16 out, to y 44; the counter ends at y 26: 18 in are left.
    expect(ids(galley(50))).toEqual([{ id: 'theater-seats', out: 16, lost: [] }]))

  it('with less than a person’s width past the footrest, what lies behind it is out of reach from the entry', () =>
    // Reaches 56: to y 38, and 12 in are left of the aisle.
    expect(ids(galley(56))).toEqual([{ id: 'theater-seats', out: 22, lost: ['wardrobe'] }]))

  it('that meets the counter does not open all the way, short by what the counter takes of it', () =>
    // Reaches 70: to y 24; the counter begins at y 26.
    expect(ids(galley(70))).toMatchObject([{ out: 36, stopped: { by: 'counter', short: 2 } }]))

  it('is not stopped by a chair or a table, which are moved', () => {
    const plan = galley(50)
    const chair = fixture('chair', [80, 48, 20, 10], {}, { faces: 'off-door' })
    expect(ids({ ...plan, fixtures: [...plan.fixtures, chair] })[0]).not.toHaveProperty('stopped')
  })

  it('a lounge set as a dinette comes out by its own reading, and by no other', () => {
    const lounge = (values: Record<string, number>): Plan => ({
      ...galley(undefined),
      fixtures: [
        fixture('convertible-lounge', [60, 60, 60, 34], { seats: 3, ...values }, { faces: 'off-door' }),
        ...galley(undefined).fixtures.slice(1),
      ],
    })
    // 34 in deep; what is set before it ends 56 in from its back, at y 38: 12 in are left of the aisle.
    expect(ids(lounge({ asDinette: 56 }))).toEqual([{ id: 'convertible-lounge', out: 22, lost: ['wardrobe'] }])
    expect(ids(lounge({ asDinette: 70 }))).toMatchObject([{ out: 36, stopped: { by: 'counter', short: 2 } }])
    expect(ids(lounge({ opened: 56 }))).toEqual([])
    expect(beforeCounter(withOpened(lounge({ asDinette: 60 })))).toEqual([
      { counter: 'counter', by: 'convertible-lounge', takes: 60 },
    ])
  })

  it('of which nobody measured how far it reaches is not guessed at', () => expect(ids(galley(undefined))).toEqual([]))

  it('opened takes that much of the counter in front of it; upright it takes none', () => {
    // One stands 20 in before the counter, to y 46.
    expect(beforeCounter(galley(60))).toEqual([])
    expect(beforeCounter(withOpened(galley(60)))).toEqual([{ counter: 'counter', by: 'theater-seats', takes: 60 }])
  })

  it('the farther it comes out the more it keeps one from, never less', () =>
    fc.assert(
      fc.property(fc.integer({ min: 35, max: 70 }), fc.integer({ min: 0, max: 20 }), (reaches, more) => {
        const [less, further] = [ids(galley(reaches))[0]!.lost, ids(galley(reaches + more))[0]!.lost]
        expect(less.filter((id) => !further.includes(id))).toEqual([])
      }),
      { numRuns: 40 },
    ))
})
