import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '../formats/document'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { berth, equipment, fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { handover } from './handover'

const yard = readdirSync(new URL('../../../demo/yard', import.meta.url)).map(
  (name) => parseTrailer(readFileSync(new URL(`../../../demo/yard/${name}`, import.meta.url), 'utf8')).document!,
)
const stepsOf = (trailer: Trailer) => handover(trailer, RULES.nights).flatMap(({ steps }) => steps)
const words = (trailer: Trailer, card: string) =>
  (handover(trailer, RULES.nights).find(({ id }) => id === card)?.steps ?? []).map(({ says }) => phraseText(says))

describe('the hand-over of every unit in the demo', () => {
  it.each(yard.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: each step once, and only what it has',
    (_, trailer) => {
      const steps = stepsOf(trailer)
      expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length)
      const cards = new Set(handover(trailer, RULES.nights).map(({ id }) => id))
      const { plan } = trailer
      expect(cards.has('slides')).toBe(plan.slides.length > 0)
      expect(cards.has('awning')).toBe(plan.outside.some(({ kind }) => kind === 'awning'))
      expect(cards.has('conversions')).toBe(plan.conversions.length > 0)
      expect(steps.filter(({ id }) => id.startsWith('conversions.'))).toHaveLength(plan.conversions.length)
      // Whatever has a limit is told with it, or read together: never passed over.
      for (const { id, kind } of plan.berths.filter((one) => one.kind === 'bunk' || one.kind === 'upper-bunk'))
        expect([kind, steps.some((step) => step.id === `beds.${id}`)]).toEqual([kind, true])
      for (const { says } of steps) expect(phraseText(says)).toMatch(/^[A-Z].*[.]$/)
    },
  )
})

describe('what must never be told wrong', () => {
  it('black before gray, with the pump off on city water, alarms and limits in any case', () => {
    const trailer = unit({
      berths: [
        berth('upper-bunk', 30, 74, {
          id: 'up',
          name: 'Upper bunk',
          readings: { weightLimit: [{ value: 250, source: 'label' }] },
        }),
      ],
    })
    const dump = handover(trailer, RULES.nights)
      .find(({ id }) => id === 'dump')!
      .steps.map(({ id }) => id)
    expect(dump.indexOf('dump.black')).toBeLessThan(dump.indexOf('dump.gray'))
    expect(words(trailer, 'water')[0]).toContain('the pump stays off')
    expect(words(trailer, 'warm').join(' ')).toContain('Smoke, CO and LP alarms')
    expect(words(trailer, 'beds')).toEqual(
      expect.arrayContaining([
        'Upper bunk: carries 250 lb, all who lie in it together.',
        'Upper bunks: guard up, nobody under 6, no climbing but by the ladder.',
      ]),
    )
    expect(words(trailer, 'upkeep').join(' ')).toContain('every 90 days')
  })

  it('what nobody read is read together, and is never a figure', () => {
    const bare = unit({ berths: [berth('upper-bunk', 30, 74, { id: 'up', name: 'Upper bunk' })] })
    delete bare.readings.couplerBall
    delete bare.readings.tirePressure
    const toRead = stepsOf(bare)
      .filter((step) => step.toRead)
      .map(({ id }) => id)
    expect(toRead).toEqual(expect.arrayContaining(['hitch.ball', 'upkeep.tires', 'beds.up', 'spares.tire']))
  })

  it('before driving off all that opens by itself is named, and nothing that is not there', () => {
    const trailer = unit({
      fixtures: [
        fixture('fridge', [206, 66, 28, 28]),
        fixture('shower', [202, 2, 36, 30], { closure: 'curtain' }),
        fixture('wardrobe', [2, 2, 20, 20]),
      ],
    })
    const latched = words(trailer, 'road')[0]!
    expect(latched).toContain('the refrigerator')
    expect(latched).toContain('the wardrobe')
    expect(latched).not.toContain('shower')
    expect(words(trailer, 'road').join(' ')).not.toMatch(/Slide|Awning|TV/)
  })

  it('what is fitted changes what is told: battery, water, spare tire', () => {
    const told = (chemistry: string) => words(unit({}, {}, [equipment('battery', { chemistry })]), 'upkeep').join(' ')
    expect(told('lead-acid')).toContain('Battery water')
    expect(told('LiFePO4')).not.toContain('Battery water')
    const without = { ...unit(), absent: [{ kind: 'spare' as const, source: 'measured' as const }] }
    expect(words(without, 'spares')[0]).toContain('no spare tire')
  })
})
