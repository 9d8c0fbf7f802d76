import loadHighs from 'highs'
import { beforeAll, describe, expect, it } from 'vitest'
import { asLinearProgram, auditedCost, chance, randomProblem } from '../../testing/assignments'
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
      const reference = highs.solve(asLinearProgram(problem), { mip_rel_gap: 0, mip_abs_gap: 0.4, output_flag: false } as never)
      expect(reference.Status).toBe('Optimal')
      expect(own.cost, `problem ${i}`).toBe(Math.round(reference.ObjectiveValue))
    }
  }, 60_000)

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
      const more = { ...problem, options: problem.options.map((option, o) => (o === 0 ? { ...option, berths: [...option.berths, [{ mask: 1, cost: 5 }]] } : option)) }
      expect(assign(more).cost).toBeLessThanOrEqual(assign(problem).cost)
    }
  })

  it('leaves a berth empty rather than open a dinette for nobody', () => {
    const { placements, cost } = assign({ people: 1, unplaced: 1000, options: [{ opening: 0, berths: [[{ mask: 1, cost: 0 }]] }, { opening: 50, berths: [[{ mask: 1, cost: 0 }]] }], exclusions: [] })
    expect(cost).toBe(0)
    expect(placements.map(({ option }) => option)).toEqual([0])
  })

  it('refuses more people than would ever sit in one trailer', () => expect(() => assign({ people: 17, unplaced: 1, options: [], exclusions: [] })).toThrow(RangeError))
})
