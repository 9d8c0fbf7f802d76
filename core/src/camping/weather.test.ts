import { getTimes } from 'suncalc'
import { describe, expect, it } from 'vitest'
import { USUAL_CLIMATES } from '../household/climate'
import { SEASONS } from '../household/told/tripFields'
import { camp, rig } from '../testing/camped'
import { dayOf } from './day'
import { habitsOf } from './habits'
import { heatLoss, shellOf } from './shell'
import { clearSky, HOURS, seasonWeather, weatherOf } from './weather'
import { emptyPlan } from '../testing/unit'

describe('an ordinary day', () => {
  it('is as warm and as cold as the table says, and its sun shines between sunrise and sunset (suncalc)', () => {
    for (const climate of Object.values(USUAL_CLIMATES))
      for (const month of HOURS.slice(0, 12)) {
        const { low, high, temperature, sun } = weatherOf(climate, month)
        expect(Math.abs(Math.min(...temperature) - low)).toBeLessThan(1)
        expect(Math.abs(Math.max(...temperature) - high)).toBeLessThan(1)
        const { sunrise, sunset } = getTimes(new Date(Date.UTC(2026, month, 15, 12)), climate.latitude, 0)
        const daylight = (sunset!.getTime() - sunrise!.getTime()) / 3_600_000
        expect(Math.abs(sun.filter((one) => one > 0).length - daylight)).toBeLessThanOrEqual(1.5)
      }
  })

  it('a clear June day at 40 degrees north brings about 8.5 kWh on a level square meter, one in December 2.5 to 3.2', () => {
    // Clear-sky tables of solar engineering give 8.3-8.8 and 2.6-3.1 kWh (from memory).
    const day = (month: number) => HOURS.reduce((sum, hour) => sum + clearSky(40, month, hour + 0.5), 0) / 1_000
    expect(day(5)).toBeGreaterThan(8)
    expect(day(5)).toBeLessThan(9)
    expect(day(11)).toBeGreaterThan(2.3)
    expect(day(11)).toBeLessThan(3.3)
  })

  it('the hardest, coldest and hottest day of a season are within it', () => {
    for (const season of SEASONS) {
      const { hardest, coldest, hottest } = seasonWeather(USUAL_CLIMATES['lakes']!, season)
      expect(coldest.low).toBeLessThanOrEqual(hardest.low)
      expect(hottest.high).toBeGreaterThanOrEqual(hardest.high)
    }
    expect(seasonWeather(USUAL_CLIMATES['lakes']!, 'spring to fall').hardest.month).toBe('April')
    expect(seasonWeather(USUAL_CLIMATES['desert']!, 'winter').coldest.low).toBe(37)
  })
})

describe('what the sun gives', () => {
  const harvest = (solar: number, amps: number, trip = {}) => {
    const how = camp({ place: 'desert', ...trip })
    return dayOf(rig({ solar, controller: amps * 13.6 }), how, habitsOf(how)).charge.reduce((sum, one) => sum + one, 0)
  }

  it('a controller of 10 A carries about 200 W, one of 30 A about 600 W (common practice)', () => {
    expect(harvest(200, 10)).toBeGreaterThan(0.95 * harvest(200, 100))
    expect(harvest(600, 30)).toBeGreaterThan(0.95 * harvest(600, 100))
    expect(harvest(400, 10)).toBeLessThan(0.8 * harvest(400, 100))
  })

  it('a panel beside the trailer stands in the sun while the roof is under trees', () => {
    expect(harvest(200, 30, { shade: 'deep' })).toBeLessThan(0.2 * harvest(200, 30))
    expect(harvest(0, 30, { shade: 'deep', panelWatts: 200 })).toBeCloseTo(harvest(200, 30), 6)
  })

  it('a generator gives what the converter takes, for the hours it runs', () => {
    expect(harvest(0, 0, { generatorHours: 2.5 })).toBeCloseTo(2.5 * 600, 6)
  })
})

describe('heat through the shell', () => {
  it('by hand: a box of 20 by 8 ft, 6 ft 6 in high, no window', () => {
    // Walls 2 x 28 x 6.5 = 364 sq ft at R-8: 45.5. Roof and floor 160 at R-10 each: 32. Air 1,040 cu ft x 0.018 = 18.7.
    const shell = shellOf(emptyPlan())
    expect(heatLoss(shell, { walls: 8, roof: 10, floor: 10, airChanges: 1 })).toBeCloseTo(45.5 + 32 + 18.72, 2)
  })

  it('a slide and a window lose more, a thicker wall less', () => {
    const poor = { walls: 4, roof: 7, floor: 6, airChanges: 1.5 }
    const plain = heatLoss(shellOf(emptyPlan()), poor)
    const slide = { id: 's', wall: 'off-door' as const, start: 40, length: 100, depth: 36 }
    const pane = { id: 'w', kind: 'fixed' as const, from: [20, 0] as [number, number], to: [60, 0] as [number, number] }
    expect(heatLoss(shellOf(emptyPlan({ slides: [slide] })), poor)).toBeGreaterThan(plain)
    expect(heatLoss(shellOf(emptyPlan({ windows: [pane] })), poor)).toBeGreaterThan(plain)
    expect(heatLoss(shellOf(emptyPlan()), { ...poor, walls: 8 })).toBeLessThan(plain)
  })
})
