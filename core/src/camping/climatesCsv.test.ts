import { describe, expect, it } from 'vitest'
import { flawText } from '../flaws/flaw'
import { parseClimates } from './climatesCsv'

const HEAD = 'id,name,where,latitude,month,low,high,sun'
const year = (
  change: (month: number) => string = (month) =>
    `own,own hills,in our hills,44,${month},${20 + month},${40 + month},60`,
) => [HEAD, ...Array.from({ length: 12 }, (_, i) => change(i + 1))].join('\n')
const says = (text: string) => parseClimates(text).flaws.map(flawText)

describe('a table of climates of the dealership’s own', () => {
  it('is read by month, F or C, sun in percent', () => {
    const { climates, flaws } = parseClimates(year().replace('21,41', '-5 C,10 °C'))
    expect(flaws).toEqual([])
    expect(climates['own']).toMatchObject({ name: 'own hills', where: 'in our hills', latitude: 44 })
    // -5 C is 23 F, 10 C is 50 F.
    expect([climates['own']!.lows[0], climates['own']!.highs[0], climates['own']!.clear[11]]).toEqual([23, 50, 0.6])
    expect(climates['own']!.lows[11]).toBe(32)
  })

  it('is refused whole where a row is wrong: the row, the column, what stands there and what would be right', () => {
    expect(says(year().replace('23,43', 'cold,43'))).toEqual([
      expect.stringMatching(/^row 4, low: found "cold"; right would be the ordinary night/) as string,
    ])
    expect(says(year().replace('23,43', '43,23'))).toEqual([
      expect.stringMatching(/row 4, high: .*no colder than its night/) as string,
    ])
    expect(says(year().replace(',5,25', ',4,25'))).toEqual([
      expect.stringMatching(/row 6, month: found "4"; right would be one row/) as string,
    ])
    expect(says(year().split('\n').slice(0, 12).join('\n'))).toEqual([
      'own: found "11 months"; right would be a row for each month from 1 to 12',
    ])
    expect(says('place,low\nx,3')).toEqual([expect.stringMatching(/^row 1: found "place,low"/) as string])
    expect(says(year().replace('own,own hills', '__proto__,own hills'))[0]).toMatch(/row 2, id/)
    expect(says(year((month) => `own,own hills,in our hills,44,${month},20,40,40 F`))[0]).toMatch(/row 2, sun/)
  })
})
