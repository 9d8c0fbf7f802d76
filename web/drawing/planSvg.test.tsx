import { readdirSync, readFileSync } from 'node:fs'
import { renderToStaticMarkup } from 'react-dom/server'
import { XMLParser, XMLValidator } from 'fast-xml-parser'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '@hitchet/core/formats/document'
import { parsePlanSvg } from '@hitchet/core/formats/planSvg'
import { planSvg } from './planSvg'

const yard = new URL('../../demo/yard/', import.meta.url)
const trailers = readdirSync(yard).map((name) => parseTrailer(readFileSync(new URL(name, yard), 'utf8')).document!)

describe('a plan as a drawing of its own', () => {
  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: complete, to scale in inches, layers by name, and the unit comes back without loss',
    (_, trailer) => {
      const svg = planSvg(trailer, renderToStaticMarkup)
      expect(XMLValidator.validate(svg)).toBe(true)
      const root = (
        new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '' }).parse(svg) as {
          svg: Record<string, string>
        }
      ).svg
      const [, , width, height] = root.viewBox!.split(' ')
      expect([root.width, root.height]).toEqual([`${width}in`, `${height}in`])
      const { box } = trailer.plan
      expect(Number(width)).toBeGreaterThanOrEqual(box.tongue + box.length + box.bumper)
      const ids = [...svg.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id)
      expect(new Set(ids).size).toBe(ids.length)
      expect(ids).toEqual(expect.arrayContaining(['shell', 'walls', 'furniture', 'openings', 'outside', 'dimensions']))
      expect(svg).not.toMatch(/var\(|NaN|undefined/)
      expect(parsePlanSvg(svg).document).toEqual(trailer)
    },
  )
})
