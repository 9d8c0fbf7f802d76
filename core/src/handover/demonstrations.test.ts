import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseTrailer } from '../formats/document'
import { phraseText } from '../quantity/phrase'
import { stationsOf } from '../walk/stations'
import { demonstratedAt, demonstrations } from './demonstrations'

const yard = readdirSync(new URL('../../../demo/yard', import.meta.url)).map(
  (name) => parseTrailer(readFileSync(new URL(`../../../demo/yard/${name}`, import.meta.url), 'utf8')).document!,
)

describe('what is done before their eyes', () => {
  it.each(yard.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: each bed that is made up, each slide and the awning, at exactly one station',
    (_, trailer) => {
      const stations = stationsOf(trailer)
      const stationOf = (path: string) =>
        stations.find(({ things }) => things.some(({ key }) => key.startsWith(`${path}.`)))?.id
      const { plan } = trailer
      const all = demonstrations(trailer)
      const awnings = plan.outside.filter(({ kind }) => kind === 'awning').length
      expect(all).toHaveLength(plan.conversions.length + plan.slides.length + awnings)
      for (const one of all) {
        expect([one.id, demonstratedAt(one, trailer, stationOf)]).toEqual([one.id, expect.any(String)])
        expect(one.takes.every((what) => what !== '')).toBe(true)
      }
    },
  )

  it('a slide is looked round before it moves, and is shown as on the road; a bed by its own steps, made up', () => {
    const trailer = yard.find(({ stock }) => stock === 'T-118')!
    const [slide] = demonstrations(trailer).filter(({ id }) => id.startsWith('slide'))
    expect(slide!.shows).toEqual({ time: 'road', made: [] })
    expect(phraseText(slide!.steps[0]!)).toMatch(/^Outside: nothing in its way/)
    const bed = demonstrations(trailer).find(({ title }) => title === 'Dinette made into a bed')!
    expect(bed.steps.map((step) => phraseText(step))).toEqual([
      'Lift the table off its post and lay it on the bench ledges.',
      'Lay the back cushions in the middle.',
      'Make the bed.',
    ])
    expect(bed.shows.time).toBe('night')
    expect(bed.with.length).toBeGreaterThan(0)
  })
})
