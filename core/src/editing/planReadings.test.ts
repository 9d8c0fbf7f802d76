import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '../formats/document'
import { findingsAt } from '../plan/findings/findings'
import { emptyPlan, fixture } from '../testing/unit'
import { itemsOf, withBounds, type Item } from './item'
import { newTrailer } from './newTrailer'
import { drawnAlike, withReadingsOf, withoutReadings } from './planReadings'

const yard = new URL('../../../demo/yard/', import.meta.url)
const demo = readdirSync(yard).map((name) => parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!)
const item = (plan: Parameters<typeof itemsOf>[0], id: string): Item => itemsOf(plan).find((one) => one.id === id)!

describe('readings taken while a plan is drawn', () => {
  const base = emptyPlan({
    fixtures: [fixture('shower', [20, 2, 30, 30], { headroom: 77 }), fixture('fridge', [60, 2, 28, 28])],
  })
  const measured = {
    ...base,
    fixtures: [
      fixture('shower', [20, 2, 30, 30], { headroom: 78 }),
      fixture('fridge', [60, 2, 28, 28], { capacity: 8 }),
    ],
  }
  const drawn = withBounds(base, item(base, 'fridge'), { x0: 70, x1: 98, y0: 2, y1: 30 })

  it('go with it when it is saved, wherever things were moved to', () => {
    const saved = withReadingsOf(drawn, measured)
    expect(saved.fixtures.map(({ readings }) => readings)).toEqual(measured.fixtures.map(({ readings }) => readings))
    expect(item(saved, 'fridge').bounds.x0).toBe(70)
  })

  it('a plan measured meanwhile is drawn alike, one drawn otherwise is not', () => {
    expect(drawnAlike(base, measured)).toBe(true)
    expect(drawnAlike(base, drawn)).toBe(false)
  })

  it('do not go to what was put there instead', () => {
    const instead = {
      ...base,
      fixtures: [{ ...fixture('pantry', [60, 2, 28, 28]), id: 'fridge', readings: undefined }],
    }
    expect(withReadingsOf(instead, measured).fixtures[0]!.readings).toBeUndefined()
  })

  it('another unit’s plan comes without any', () => {
    for (const { plan } of demo) expect(JSON.stringify(withoutReadings(plan))).not.toContain('readings')
  })
})

it('a unit that just rolled in is a good document with nothing read yet', () => {
  const fresh = newTrailer({
    stock: 'T-200',
    make: 'Odenwick',
    model: '19 X',
    year: 2026,
    condition: 'used',
    layout: 'couple’s',
    length: 228,
    width: 96,
  })
  expect(parseTrailer(JSON.parse(JSON.stringify(fresh))).document).toEqual(fresh)
  expect(findingsAt(fresh.plan, 'parked', [], RULES.ways)).toEqual([])
})
