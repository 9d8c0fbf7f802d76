import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '@hitchet/core/formats/document'
import { toldWidth } from '@hitchet/core/plan/floor/toldWidth'
import { TIMES } from '@hitchet/core/plan/times'
import { analyse, check } from './analyse'

const yard = new URL('../../demo/yard/', import.meta.url)
const trailers = readdirSync(yard).map((name) => parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!)

describe('what a plan answers, for the screen', () => {
  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: every way is as narrow as where it is marked, and plain data',
    (_, { plan }) => {
      for (const time of TIMES) {
        const made = time === 'night' ? plan.conversions.map(({ id }) => id) : []
        const analysis = analyse(plan, time, made, RULES.ways, true)
        // Posted from a worker: nothing may be lost on the way.
        expect(structuredClone(analysis)).toEqual(analysis)
        for (const { width, way, between } of analysis.ways) {
          expect(width > 0).toBe(way !== undefined)
          if (!way) continue
          expect(toldWidth(way.width)).toBe(width)
          expect(way.path.length).toBeGreaterThan(0)
          if (width < 24) expect(between).toHaveLength(2)
        }
        expect(analysis.exits.length).toBe(time === 'night' ? plan.berths.length : 0)
        expect(check(plan, time, made, RULES.ways)).toEqual(analysis.findings)
      }
    },
  )

  it('rooms share the free floor between them', () => {
    for (const { plan } of trailers) {
      const { floors } = analyse(plan, 'parked', [], RULES.ways, true)
      const most =
        plan.box.length * plan.box.width + plan.slides.reduce((sum, { length, depth }) => sum + length * depth, 0)
      expect(floors.reduce((sum, { free }) => sum + free, 0)).toBeLessThan(most)
      expect(floors.every(({ free }) => free >= 0)).toBe(true)
    }
  })
})
