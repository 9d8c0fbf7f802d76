import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { describe, expect, it } from 'vitest'
import { factSheet } from '@hitchet/core/match/factSheet'
import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { takeHome, type TakeHome } from '@hitchet/core/takehome/takeHome'
import { COUPLE, FAMILY, LONG } from '@hitchet/core/testing/lot'
import { couple, household, person } from '@hitchet/core/testing/someone'
import { berth, fixture, unit } from '@hitchet/core/testing/unit'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { PaperSize } from '../contracts/paper'
import { takeHomePdf } from './worker'

const they = household([
  ...couple({ name: 'Łucja' }, { name: 'Mi' }),
  person({ id: 'bo', name: 'Bo', age: 9, height: 52, weight: 66 }),
])
const handed = { on: '2026-11-27', by: 'Ada Lund', dealership: 'A lot' }
const taken = (trailers: Trailer[], asking = they): TakeHome =>
  takeHome(
    trailers.map((trailer) => ({ trailer, facts: factSheet(trailer, RULES) })),
    asking,
    RULES,
    handed,
  )

/** What a reader that is not ours finds in it (pdf.js). */
async function readBack(of: TakeHome, size: PaperSize = 'LETTER', system: 'us' | 'metric' = 'us') {
  const bytes = await takeHomePdf({ taken: of, size, system })
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise
  const pages = await Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const page = await pdf.getPage(i + 1)
      const items = (await page.getTextContent()).items.flatMap((item) => ('str' in item ? [item] : []))
      const { width, height } = page.getViewport({ scale: 1 })
      return { width, height, items, text: items.map(({ str, hasEOL }) => str + (hasEOL ? ' ' : '')).join('') }
    }),
  )
  return { bytes: bytes.length, pages }
}

describe('the page they take home as a PDF', () => {
  it('is one page and an appendix, lying, with letters that can be marked and copied', async () => {
    const { bytes, pages } = await readBack(taken([FAMILY]))
    const [first, second] = pages
    expect(bytes).toBeLessThan(500_000)
    expect([first!.width, first!.height]).toEqual([792, 612])
    for (const words of ['FAMILY', 'Łucja', 'Ada Lund', 'November 27, 2026', 'Read these before you decide', 'GVWR'])
      expect(first!.text).toContain(words)
    expect(first!.text).toMatch(/An estimate, not a rating/)
    expect(first!.text).not.toContain('Appendix')
    expect(second!.text).toContain('Appendix')
    expect(pages.map(({ text }) => text).join(' ')).toContain('Every reading of FAMILY')
    expect(pages.at(-1)!.text).toContain(`${pages.length} of ${pages.length}`)
  })

  it('A4 is A4 (ISO 216: 297 x 210 mm), and reads in meters for those who do', async () => {
    const [first] = (await readBack(taken([FAMILY]), 'A4', 'metric')).pages
    expect((first!.width / 72) * 25.4).toBeCloseTo(297, 0)
    expect((first!.height / 72) * 25.4).toBeCloseTo(210, 0)
    expect(first!.text).toMatch(/\d kg/)
    expect(first!.text).not.toMatch(/\d lb/)
  })

  it('says 1:48, and it is: two heads on two equal pillows lie as far apart as on the plan, within 1 %', async () => {
    const apart = 150
    const bed = (id: string, x: number) => ({
      ...berth('bed', 60, 80, { id }),
      shape: { rect: [x, 10, 80, 60] as never },
    })
    const plan = unit({
      berths: [bed('one', 20), bed('two', 20 + apart)],
      fixtures: [fixture('toilet', [100, 70, 19, 22])],
    })
    const [first] = (await readBack(taken([plan], household([person({ name: 'Ro' }), person({ name: 'Mi' })])))).pages
    expect(first!.text).toContain('1:48')
    const middle = (initials: string) => {
      // The first stands in the plan, the second in the list below it.
      const { transform, width } = first!.items.find(({ str }) => str === initials)!
      return (transform[4] as number) + width / 2
    }
    const inches = (Math.abs(middle('Mi') - middle('Ro')) / 72) * 48
    expect(Math.abs(inches - apart) / apart).toBeLessThan(0.01)
  })

  it('stays one page for whoever takes home whatever: long units, many people, all that is unknown', async () => {
    const many = household([
      ...they.people,
      ...['Al', 'Di', 'Em', 'Fa', 'Gi'].map((name, i) =>
        person({ id: name, name, age: 4 + i, height: undefined, weight: undefined }),
      ),
    ])
    for (const [trailer, asking] of [
      [LONG, many],
      [COUPLE, many],
      [unit(), they],
    ] as const)
      for (const size of ['LETTER', 'A4'] as const) {
        const { pages } = await readBack(taken([trailer], asking), size)
        expect(pages[0]!.text, trailer.stock).toMatch(/What it costs/)
        expect(pages[1]!.text, trailer.stock).toMatch(/^Appendix/)
      }
  })

  it('holds two to four against each other on one page, with what differs', async () => {
    const { pages } = await readBack(taken([FAMILY, COUPLE, LONG]))
    expect(pages[0]!.text).toMatch(/FAMILY, COUPLE and LONG/)
    expect(pages[0]!.text).toContain('Where they differ')
    expect(pages[1]!.text).toMatch(/^Appendix/)
    expect(pages.map(({ text }) => text).join(' ')).toContain('What was asked of LONG')
  })
})
