import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { parseHousehold, parseTrailer } from '../core/src/formats/document'
import { clearanceAt } from '../core/src/plan/clearance'
import { overlapsAt } from '../core/src/plan/overlap'
import { TIMES } from '../core/src/plan/times'
import type { Shape } from '../core/src/plan/shape'
import { threshold, wayTo, widestWays } from '../core/src/plan/ways'

const read = (folder: string) => readdirSync(new URL(folder, import.meta.url)).map((name) => ({ name, text: readFileSync(new URL(`${folder}/${name}`, import.meta.url), 'utf8') }))
const trailers = read('yard').map(({ text }) => parseTrailer(text).document!)
const households = read('households').map(({ text }) => parseHousehold(text).document!)

/** A person going sideways; with an arm's length between the body and what is used. */
const SIDEWAYS = 14
const ARM = 16

describe('the demo yard', () => {
  it('has at least twelve units over at least eight floor plans, and six households', () => {
    expect(trailers.length).toBeGreaterThanOrEqual(12)
    expect(new Set(trailers.map(({ make, model }) => `${make} ${model}`)).size).toBeGreaterThanOrEqual(8)
    expect(new Set(trailers.map(({ layout }) => layout)).size).toBeGreaterThanOrEqual(8)
    expect(households.length).toBeGreaterThanOrEqual(6)
  })

  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))('%s: nothing stands in anything else, in all three times of day', (_, { plan }) => {
    for (const time of TIMES) expect(overlapsAt(plan, time)).toEqual([])
    for (const { id } of plan.conversions) expect(overlapsAt(plan, 'night', [id])).toEqual([])
  })

  it.each(trailers.map((trailer) => [trailer.stock, trailer] as const))('%s: parked, a person can walk to every bed, toilet, shower, sink and fridge', (_, { plan }) => {
    const clearance = clearanceAt(plan, 'parked')
    const entries = plan.doors.filter(({ kind }) => kind === 'entry').map((door) => widestWays(clearance, threshold(plan, door)))
    const uses: { id: string; shape: Shape }[] = [...plan.fixtures.filter(({ kind }) => ['toilet', 'shower', 'tub', 'wet-bath', 'sink', 'fridge'].includes(kind)), ...plan.berths.filter(({ conversion }) => !conversion)]
    const beyond = uses.filter(({ shape }) => !entries.some((ways) => (wayTo(ways, shape, { arm: ARM, comfortable: SIDEWAYS })?.width ?? 0) >= SIDEWAYS))
    expect(beyond.map(({ id }) => id)).toEqual([])
  })
})
