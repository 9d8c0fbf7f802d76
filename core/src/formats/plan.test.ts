import DxfParser from 'dxf-parser'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { bounds, corners } from '../plan/shape/shape'
import { parseTrailer } from './document'
import { DXF_LAYERS, planDxf } from './planDxf'
import { carried, parsePlanSvg } from './planSvg'

const yard = new URL('../../../demo/yard/', import.meta.url)
const trailers = readdirSync(yard).map((name) => parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!)

interface Entity {
  type: string
  layer: string
  vertices?: { x: number; y: number }[]
  text?: string
}

describe('a plan for CAD', () => {
  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: another package reads every fixture and berth back where it stands, to the inch',
    (_, { plan }) => {
      const drawing = new DxfParser().parseSync(planDxf(plan))!
      const entities = drawing.entities as unknown as Entity[]
      // 1 stands for inches in the header of a DXF drawing.
      expect(drawing.header.$INSUNITS).toBe(1)
      expect(Object.keys(drawing.tables.layer.layers)).toEqual(expect.arrayContaining([...DXF_LAYERS]))
      const on = (layer: string) =>
        entities
          .filter((one) => one.layer === layer && one.type === 'LWPOLYLINE')
          .map(({ vertices }) => vertices!.map(({ x, y }) => [x, plan.box.width - y]))
      expect(on('FIXTURES')).toEqual(plan.fixtures.map(({ shape }) => corners(shape)))
      expect([...on('BERTHS'), ...on('CONVERSIONS')]).toHaveLength(plan.berths.length)
      expect(on('WALLS')).toHaveLength(plan.walls.length)
      expect(on('EXIT-WINDOWS')).toHaveLength(plan.windows.filter(({ kind }) => kind === 'exit').length)
      const box = on('BOX')[0]!
      expect([Math.max(...box.map(([x]) => x!)), Math.max(...box.map(([, y]) => y!))]).toEqual([
        plan.box.length,
        plan.box.width,
      ])
    },
  )

  it('a name with line breaks in it is one name, and adds nothing to the drawing', () => {
    const { plan } = trailers[0]!
    const [first, ...others] = plan.fixtures
    const sly = { ...first!, name: 'Sink\n0\nCIRCLE\n8\nBOX\n10\n0\r\n20\u20280\n40\n9' }
    const entities = (source: typeof plan) =>
      (new DxfParser().parseSync(planDxf(source))!.entities as unknown as Entity[]).map(
        ({ type, layer }) => `${type} ${layer}`,
      )
    expect(entities({ ...plan, fixtures: [sly, ...others] })).toEqual(entities(plan))
  })

  it('names stand on what they name', () => {
    const { plan } = trailers[0]!
    const names = (
      new DxfParser().parseSync(planDxf(plan))!.entities as unknown as (Entity & {
        startPoint: { x: number; y: number }
      })[]
    ).filter(({ layer, type }) => layer === 'NAMES' && type === 'TEXT')
    const toilet = plan.fixtures.find(({ kind }) => kind === 'toilet')!
    const { x0, y0, x1, y1 } = bounds(toilet.shape)
    const { startPoint } = names.find(({ text }) => text === 'Toilet')!
    expect(startPoint.x).toBeGreaterThanOrEqual(x0)
    expect(startPoint.x).toBeLessThanOrEqual(x1)
    expect(plan.box.width - startPoint.y).toBeGreaterThanOrEqual(y0)
    expect(plan.box.width - startPoint.y).toBeLessThanOrEqual(y1)
  })
})

describe('a unit carried in a drawing', () => {
  const drawing = (inside: string) =>
    `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><title>x</title>${inside}<g/></svg>`
  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))('%s comes back as it went in', (_, trailer) =>
    expect(parsePlanSvg(drawing(carried(trailer))).document).toEqual(trailer),
  )

  it('whatever signs its names are made of', () => {
    const odd = { ...trailers[0]!, make: `A & B <"c'> &amp; ]]>` }
    expect(parsePlanSvg(drawing(carried(odd))).document!.make).toBe(odd.make)
  })

  it.each([
    ['another program’s drawing', drawing(''), 'svg/metadata'],
    ['half a drawing', drawing(carried(trailers[0]!)).slice(0, 900), 'line '],
    ['no drawing at all', 'hello', 'line '],
    ['a drawing whose unit was tampered with', drawing(carried({ ...trailers[0]!, year: 12 })), 'year'],
  ])('%s is refused with where and what', (_, text, path) => {
    const { document, flaws } = parsePlanSvg(text)
    expect(document).toBeUndefined()
    expect(flaws[0]!.path).toContain(path)
  })
})
