import { describe, expect, it } from 'vitest'
import { berth, emptyPlan, fixture } from '../../testing/unit'
import type { Plan } from '../plan'
import { seatsAt } from './seats'
import { sightLines, sightsFromBed } from './sight'

const seats = (plan: Partial<Plan>) =>
  seatsAt(emptyPlan(plan), 'parked').map(({ at, looks }) => [...at.map(Math.round), looks])

describe('seats', () => {
  it('a sofa’s sit in a row with their backs to the wall', () =>
    expect(seats({ fixtures: [fixture('tri-fold-sofa', [20, 2, 66, 36], { seats: 3 })] })).toEqual([
      [31, 12, 'door'],
      [53, 12, 'door'],
      [75, 12, 'door'],
    ]))
  it('a booth’s face each other over the table', () =>
    expect(seats({ fixtures: [fixture('booth', [20, 54, 70, 40], { seats: 4 })] })).toEqual([
      [30, 64, 'rear'],
      [30, 84, 'rear'],
      [80, 64, 'front'],
      [80, 84, 'front'],
    ]))
  it('a U has a bench along the wall between the two ends', () =>
    expect(
      seats({ fixtures: [fixture('u-dinette', [20, 2, 80, 40], { seats: 6 })] })
        .map(([, , looks]) => looks)
        .sort(),
    ).toEqual(['door', 'door', 'front', 'front', 'rear', 'rear']))
  it('at a free-standing table one sits outside its edge', () =>
    expect(seats({ fixtures: [fixture('table', [40, 40, 40, 28], { seats: 2 })] })).toEqual([
      [60, 32, 'door'],
      [60, 76, 'off-door'],
    ]))
  it('a table against a wall seats nobody there, nor where there is no room for a chair before another thing', () => {
    const at = (rect: [number, number, number, number], ...more: Plan['fixtures']) =>
      seats({ fixtures: [fixture('table', rect, { seats: 4 }), ...more] }).map(([, , looks]) => looks)
    // Two before its free long side, one at either end.
    expect(at([40, 2, 40, 28]).sort()).toEqual(['front', 'off-door', 'off-door', 'rear'])
    expect(at([40, 2, 40, 28], fixture('wardrobe', [24, 2, 14, 28]), fixture('fridge', [82, 2, 28, 28]))).toEqual([
      'off-door',
      'off-door',
    ])
    expect(at([40, 40, 40, 28], fixture('counter', [20, 12, 80, 24])).filter((side) => side === 'door')).toEqual([])
    // A sofa at the table is what one sits on.
    expect(at([40, 40, 40, 28], fixture('futon', [30, 4, 60, 34], { seats: 0 }, { faces: 'door' }))).toHaveLength(4)
    expect(at([40, 40, 40, 28], fixture('counter', [40, 2, 40, 20]))).toHaveLength(4)
  })
  it('on a sofa whose front stands at the counter nobody sits', () => {
    const at = (gap: number) =>
      seats({
        fixtures: [
          fixture('futon', [20, 2, 66, 34], { seats: 3 }, { faces: 'door' }),
          fixture('counter', [20, 36 + gap, 26, 24], {}, { faces: 'off-door' }),
        ],
      })
    expect([at(6).length, at(10).length]).toEqual([2, 3])
  })
  it('a seat beyond the walls is none', () =>
    expect(seats({ fixtures: [fixture('futon', [20, -34, 66, 30], { seats: 3 }, { faces: 'door' })] })).toEqual([]))
  it('a U is open to where it faces, as it is drawn', () =>
    expect(
      seats({ fixtures: [fixture('u-dinette', [20, 20, 80, 40], { seats: 6 }, { faces: 'front' })] })
        .map(([, , looks]) => looks)
        .sort(),
    ).toEqual(['door', 'door', 'front', 'front', 'off-door', 'off-door']))
  it('where nobody counted, one is drawn for every 22 in', () =>
    expect(seats({ fixtures: [fixture('futon', [20, 2, 70, 36])] })).toHaveLength(3))
  it('a bed made of the sofa leaves no seat on it', () => {
    const plan = emptyPlan({
      fixtures: [fixture('futon', [20, 2, 70, 36])],
      conversions: [{ id: 'make', name: 'Bed', uses: ['futon'], steps: [], minutes: 2, takes: [], excludes: [] }],
    })
    expect(seatsAt(plan, 'night', ['make'])).toEqual([])
  })
})

const tv = (rect: [number, number, number, number], faces: 'door' | 'off-door' | 'front' | 'rear', swivel?: boolean) =>
  fixture('tv', rect, swivel === undefined ? {} : { swivel }, { faces })
const line = (plan: Partial<Plan>) => sightLines(emptyPlan(plan), 'parked')[0]!
/** Two seats, the first straight across from the middle of the off-door wall's sofa. */
const sofa = fixture('theater-seats', [100, 62, 40, 32], { seats: 1 }, { faces: 'off-door' })

describe('sight lines', () => {
  it('straight across: no turn of the neck, seen from straight on', () => {
    const seen = line({ fixtures: [sofa, tv([100, 2, 40, 4], 'door')] })
    expect([seen.turn, seen.slant, Math.round(seen.distance), seen.blockedBy]).toEqual([0, 0, 80, undefined])
  })

  it('a TV on the front wall twists the neck of those on the sofa, and they see it from the side', () => {
    const seen = line({ fixtures: [sofa, tv([2, 60, 4, 30], 'rear')] })
    expect(seen.turn).toBeGreaterThan(80)
    expect(seen.slant).toBeLessThan(10)
    const across = line({ fixtures: [sofa, tv([20, 2, 40, 4], 'door')] })
    expect(across.turn).toBeCloseTo((Math.atan2(80, 80) * 180) / Math.PI, 0)
    expect(across.slant).toBeCloseTo(across.turn, 0)
  })

  it('a swivel mount turns the screen to them, it does not turn their necks', () => {
    const seen = line({ fixtures: [sofa, tv([20, 2, 40, 4], 'door', true)] })
    expect(seen.slant).toBe(0)
    expect(seen.turn).toBeCloseTo(45, 0)
  })

  it('a wall and a refrigerator are in the way, a table is not', () => {
    const screen = tv([100, 2, 40, 4], 'door')
    const between = (...fixtures: Plan['fixtures']) => line({ fixtures: [sofa, screen, ...fixtures] }).blockedBy
    expect(between(fixture('table', [100, 30, 40, 20]))).toBeUndefined()
    expect(between(fixture('fridge', [110, 20, 28, 28]))).toBe('fridge')
    expect(
      line({ fixtures: [sofa, screen], walls: [{ id: 'w', from: [80, 40], to: [160, 40], thickness: 2 }] }).blockedBy,
    ).toBe('w')
  })

  it('the end of a slide is in the way, and the wall beside it', () => {
    const slide = { id: 'slide', wall: 'off-door' as const, start: 120, length: 50, depth: 30 }
    const screen = tv([140, -26, 4, 30], 'front')
    const seen = (at: number) =>
      line({
        slides: [slide],
        fixtures: [
          fixture('chair', [at, 14, 24, 24], { seats: 1 }, { faces: 'off-door' }),
          { ...screen, slide: 'slide' },
        ],
      }).blockedBy
    expect(seen(120)).toBeUndefined()
    expect(seen(40)).toBe('outer off-door')
    // Through the wall beside a window's depth nobody sees into the next slide.
    const two = [slide, { ...slide, id: 'other', start: 10, length: 60 }]
    const chair = fixture('chair', [20, -26, 24, 24], { seats: 1 }, { faces: 'rear', slide: 'other' })
    expect(line({ slides: two, fixtures: [chair, screen] }).blockedBy).toBe('other')
  })

  it('one screen may serve two rooms: each seat has its own line', () => {
    const bedroomSeat = fixture('chair', [20, 40, 24, 24], { seats: 1 }, { faces: 'rear' })
    const lines = sightLines(emptyPlan({ fixtures: [sofa, bedroomSeat, tv([80, 40, 3, 30], 'rear', true)] }), 'parked')
    expect(lines.map(({ seat, slant }) => [seat.id, Math.round(slant)])).toEqual([
      ['theater-seats', 0],
      ['chair', expect.any(Number)],
    ])
    expect(lines[1]!.slant).toBeGreaterThan(60)
  })
})

describe('from bed', () => {
  it('one looks to the foot: a screen straight ahead is turned to by nothing, 45 degrees aside by as much (by hand)', () => {
    const bed = { ...berth('bed', 60, 80, { id: 'b', shape: { rect: [0, 20, 80, 60] } }), head: 'front' as const }
    const at = (rect: [number, number, number, number]) => {
      const [line] = sightsFromBed(
        bed,
        emptyPlan({ berths: [bed], fixtures: [fixture('tv', rect, {}, { faces: 'front' })] }),
        'parked',
      )
      return [line!.from.map(Math.round), Math.round(line!.turn), Math.round(line!.distance)]
    }
    expect(at([114, 48, 2, 4])).toEqual([[15, 50], 0, 100])
    // 40 in to the rear and 40 in to the door side of the eyes at 15, 50.
    expect(at([54, 88, 2, 4])).toEqual([[15, 50], 45, 57])
  })
})
