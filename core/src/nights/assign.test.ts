import loadHighs from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { asLinearProgram, auditedCost, chance, randomProblem, withPassing } from '../testing/assignments'
import { assign } from './assign'

let highs: Awaited<ReturnType<typeof loadHighs>>
beforeAll(async () => {
  highs = await loadHighs()
})

describe('who lies where, proven', () => {
  it('costs what HiGHS finds to be least, on 120 problems of up to 8 people and 9 berths', () => {
    const random = chance(20261125)
    for (let i = 0; i < 120; i++) {
      const problem = randomProblem(random, 8, 9)
      const own = assign(problem)
      const reference = highs.solve(asLinearProgram(problem), {
        mip_rel_gap: 0,
        mip_abs_gap: 0.4,
        output_flag: false,
      } as never)
      expect(reference.Status).toBe('Optimal')
      expect(own.cost, `problem ${i}`).toBe(Math.round(reference.ObjectiveValue))
    }
  })

  it('and the same where berths that are slept in disturb those who pass them', () => {
    const random = chance(20261126)
    for (let i = 0; i < 80; i++) {
      const problem = withPassing(random, randomProblem(random, 7, 9))
      const own = assign(problem)
      const reference = highs.solve(asLinearProgram(problem), {
        mip_rel_gap: 0,
        mip_abs_gap: 0.4,
        output_flag: false,
      } as never)
      expect(reference.Status).toBe('Optimal')
      expect(own.cost, `problem ${i}`).toBe(Math.round(reference.ObjectiveValue))
      expect(auditedCost(problem, own.placements), `problem ${i}`).toBe(own.cost)
    }
  })

  it('and the same of more people than a usual table has room for, and of fewer after them', () => {
    const random = chance(20261128)
    for (const people of [13, 5, 13, 5]) {
      const problem = { ...randomProblem(random, people, 9), people }
      const own = assign(problem)
      const { ObjectiveValue } = highs.solve(asLinearProgram(problem), { mip_rel_gap: 0, output_flag: false } as never)
      expect(own.cost, `${people} people`).toBe(Math.round(ObjectiveValue))
      expect(auditedCost(problem, own.placements)).toBe(own.cost)
    }
  })

  it('what one night costs more than another is paid only in that night', () => {
    const one = [{ mask: 1, cost: 0 }]
    const problem = {
      people: 2,
      unplaced: 1000,
      options: [
        { opening: 0, berths: [one, [{ mask: 2, cost: 9 }]] },
        { opening: 5, berths: [[{ mask: 2, cost: 0 }]] },
      ],
      exclusions: [] as [number, number][],
    }
    expect(assign(problem).cost).toBe(5)
    // With the dinette made, whoever lies in the first berth has a bad way; in the bed there is none.
    const night = (open: number) => ({
      cost: 0,
      disturbances: open & 2 ? [{ at: [0, 0] as const, cost: () => 7 }] : [],
    })
    expect(assign({ ...problem, night }).cost).toBe(9)
    // And a night that costs by itself is left too.
    expect(assign({ ...problem, night: (open) => ({ cost: open & 2 ? 3 : 0, disturbances: [] }) })).toMatchObject({
      cost: 8,
      placements: [{ option: 0 }, { option: 1 }],
    })
  })

  it('its solution keeps every rule and costs what it says', () => {
    const random = chance(7)
    for (let i = 0; i < 300; i++) {
      const problem = randomProblem(random, 10, 14)
      const { cost, placements } = assign(problem)
      expect(auditedCost(problem, placements)).toBe(cost)
    }
  })

  it('one more berth never makes it worse', () => {
    const random = chance(11)
    for (let i = 0; i < 200; i++) {
      const problem = randomProblem(random, 7, 7)
      const more = {
        ...problem,
        options: problem.options.map((option, o) =>
          o === 0 ? { ...option, berths: [...option.berths, [{ mask: 1, cost: 5 }]] } : option,
        ),
      }
      expect(assign(more).cost).toBeLessThanOrEqual(assign(problem).cost)
    }
  })

  it('leaves a berth empty rather than open a dinette for nobody', () => {
    const { placements, cost } = assign({
      people: 1,
      unplaced: 1000,
      options: [
        { opening: 0, berths: [[{ mask: 1, cost: 0 }]] },
        { opening: 50, berths: [[{ mask: 1, cost: 0 }]] },
      ],
      exclusions: [],
    })
    expect(cost).toBe(0)
    expect(placements.map(({ option }) => option)).toEqual([0])
  })

  it('refuses more people than would ever sit in one trailer', () =>
    expect(() => assign({ people: 17, unplaced: 1, options: [], exclusions: [] })).toThrow(RangeError))
})
