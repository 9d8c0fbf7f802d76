import { DEFAULT_HOUSE_RULES as RULES } from '../core/src/rules/houseRules'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseHousehold, parseTrailer } from '../core/src/formats/document'
import { waysOut } from '../core/src/plan/ways/exits'
import { overlapsAt } from '../core/src/plan/overlap'
import { floorOf, reachOf } from '../core/src/plan/ways/reach'
import { TIMES } from '../core/src/plan/times'
import { nightsOf } from '../core/src/plan/together'

const read = (folder: string) =>
  readdirSync(new URL(folder, import.meta.url)).map((name) => ({
    name,
    text: readFileSync(new URL(`${folder}/${name}`, import.meta.url), 'utf8'),
  }))
const trailers = read('yard').map(({ text }) => parseTrailer(text).document!)
const households = read('households').map(({ text }) => parseHousehold(text).document!)

/** A person going sideways, inches. */
const SIDEWAYS = 14

describe('the demo yard', () => {
  it('has at least forty units over at least eighteen floor plans, and twelve households', () => {
    expect(trailers.length).toBeGreaterThanOrEqual(40)
    expect(new Set(trailers.map(({ make, model }) => `${make} ${model}`)).size).toBeGreaterThanOrEqual(18)
    expect(new Set(trailers.map(({ layout }) => layout)).size).toBeGreaterThanOrEqual(14)
    expect(new Set(trailers.flatMap(({ plan }) => plan.berths.map(({ kind }) => kind))).size).toBeGreaterThanOrEqual(10)
    expect(households.length).toBeGreaterThanOrEqual(12)
  })

  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: nothing stands in anything else, in all three times of day',
    (_, { plan }) => {
      for (const time of TIMES) expect(overlapsAt(plan, time)).toEqual([])
      for (const made of nightsOf(plan)) expect(overlapsAt(plan, 'night', made), made.join()).toEqual([])
    },
  )

  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: parked, a person can walk to everything in it',
    (_, { plan }) => {
      const beyond = reachOf(floorOf(plan, 'parked')).filter(({ width }) => width < SIDEWAYS)
      // On the toy hauler one gets to the ramp once a bench is folded up.
      expect(beyond.map(({ place }) => place.id).filter((id) => id !== 'ramp')).toEqual([])
    },
  )

  it.each(trailers.filter(({ plan }) => plan.slides.length === 0).map((trailer) => [trailer.stock, trailer] as const))(
    '%s has no slide: on the road everything is reached as at camp, but canvas beds',
    (_, { plan }) => {
      const widths = (time: 'parked' | 'road') =>
        reachOf(floorOf(plan, time))
          .filter(({ place }) => !plan.berths.some(({ id, canvasEnd }) => id === place.id && canvasEnd))
          .map(({ place, width }) => [place.id, width])
      expect(widths('road')).toEqual(widths('parked'))
    },
  )

  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))(
    '%s: every berth has two ways out on every night there can be, or is flagged',
    (_, { model, plan }) => {
      const out = nightsOf(plan).flatMap((made) => waysOut(floorOf(plan, 'night', made), RULES.ways, true))
      expect([...new Set(out.map(({ berth }) => berth))].sort()).toEqual(plan.berths.map(({ id }) => id).sort())
      expect([...new Set(out.filter(({ by }) => by.length < 2).map(({ berth }) => berth))]).toEqual(
        ONE_WAY_OUT[model] ?? [],
      )
    },
  )
})

/** The sofa bed closes the bunk room, the U-dinette the passage; the small unit has one aisle to its door. */
const ONE_WAY_OUT: Record<string, string[]> = {
  '27 DB': ['bunk-lower', 'bunk-upper'],
  '24 RK': ['queen', 'dinette-bed'],
  '14 W': ['dinette-bed'],
}
