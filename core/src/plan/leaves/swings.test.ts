import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import type { Door, Plan } from '../plan'
import { clashesAt } from './clashes'
import { leafOf, tip } from './leaves'
import { doorSwings } from './swings'

const door = (given: Partial<Door> = {}): Door => ({
  id: 'bath-door',
  kind: 'swing',
  from: [100, 40],
  to: [100, 64],
  hinge: 'from',
  opens: 'rear',
  ...given,
})
const walls: Plan['walls'] = [
  { id: 'a', from: [100, 2], to: [100, 40], thickness: 2 },
  { id: 'b', from: [100, 64], to: [100, 94], thickness: 2 },
]
const plan = (doors: Door[], ...fixtures: Plan['fixtures']) =>
  emptyPlan({ walls, doors: [...emptyPlan().doors, ...doors], fixtures })

describe('doors that swing', () => {
  it('a leaf turns on its hinge towards the side it opens to', () => {
    const [x, y] = tip(leafOf(door()), 90)
    expect([Math.round(x), Math.round(y)]).toEqual([124, 40])
    const other = tip(leafOf(door({ hinge: 'to', opens: 'front' })), 90)
    expect(other.map(Math.round)).toEqual([76, 64])
  })

  it('with nothing behind it a door opens all the way', () =>
    expect(doorSwings(plan([door()]), 'parked')[0]).toMatchObject({ degrees: 90, clear: 24 }))

  it('a cabinet a foot behind a 24 in door stops it at some 30 degrees, half the doorway is left', () => {
    const [swing] = doorSwings(plan([door()], fixture('tall-cabinet', [112, 2, 20, 60])), 'parked')
    // sin 30 degrees is a half: the leaf's tip is 12 in from the wall.
    expect(swing!.degrees).toBeGreaterThanOrEqual(24)
    expect(swing!.degrees).toBeLessThanOrEqual(30)
    expect(swing!.stoppedBy).toBe('tall-cabinet')
  })

  it('what hangs above the leaf does not stop it', () =>
    expect(
      doorSwings(plan([door()], fixture('overhead', [112, 2, 20, 60], {}, { band: [73, 80] })), 'parked')[0]!.degrees,
    ).toBe(90))

  it('a sliding door takes no floor', () =>
    expect(clashesAt(plan([door({ kind: 'sliding' })], fixture('tall-cabinet', [112, 2, 20, 60])), 'parked')).toEqual(
      [],
    ))
})

describe('door clashes', () => {
  it('two doors whose sweeps cross', () => {
    const clashes = clashesAt(
      plan([door(), door({ id: 'closet-door', from: [106, 60], to: [130, 60], hinge: 'from', opens: 'off-door' })]),
      'parked',
    )
    expect(clashes.filter((one) => one.with === 'each other').map(({ a, b }) => [a, b])).toEqual([
      ['bath-door', 'closet-door'],
    ])
  })

  it('a door that sweeps over the knees of someone on the toilet', () => {
    const seated = fixture('toilet', [130, 10, 19, 22], {}, { faces: 'door' })
    expect(clashesAt(plan([door()], seated), 'parked')).toEqual([])
    const near = fixture('toilet', [112, 12, 19, 22], {}, { faces: 'door' })
    expect(
      clashesAt(plan([door({ hinge: 'to', from: [100, 40], to: [100, 64] })], near), 'parked').map((one) => one.with),
    ).toContain('person')
  })

  it('a refrigerator whose door opens against the island, hung either way; farther off it opens', () => {
    const fridge = fixture('fridge', [140, 2, 24, 28], {}, { faces: 'door' })
    const at = (y: number) => clashesAt(plan([], fridge, fixture('island', [120, y, 70, 20])), 'parked')
    expect(at(42)).toMatchObject([{ a: 'fridge', b: 'island', with: 'thing' }])
    expect(at(42)[0]!.degrees).toBeLessThan(40)
    expect(at(58)).toEqual([])
  })

  it('the slide that comes in keeps the refrigerator’s door shut', () => {
    const slides = [{ id: 's', wall: 'off-door', start: 120, length: 90, depth: 36 }] as Plan['slides']
    const moving = {
      ...plan(
        [],
        fixture('fridge', [140, 66, 24, 28], {}, { faces: 'off-door' }),
        fixture('tri-fold-sofa', [124, -34, 80, 36], {}, { id: 'sofa', slide: 's' }),
      ),
      slides,
    }
    expect(clashesAt(moving, 'parked')).toEqual([])
    expect(clashesAt({ ...moving, slides: [{ ...slides[0]!, depth: 48 }] }, 'road')).toMatchObject([
      { a: 'fridge', b: 'sofa' },
    ])
  })
})
