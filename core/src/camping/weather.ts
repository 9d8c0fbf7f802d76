import { getPosition } from 'suncalc'
import type { Climate } from '../household/climate'
import { MONTH_NAMES, MONTHS_OF } from './seasons'
import { oncePerPart } from '../memory/remembered'

/** An ordinary day of a month, hour by hour from midnight. */
export interface Weather {
  place: string
  month: string
  low: number
  high: number
  /** F. */
  temperature: readonly number[]
  /** On a flat roof, W per square meter, clouds reckoned in. */
  sun: readonly number[]
}

/** The days that decide of a season: the hardest to live on, the coldest night, the hottest day. */
export interface SeasonWeather {
  /** Of the month with the coldest days and the least sun. */
  hardest: Weather
  coldest: Weather
  hottest: Weather
}

/** A ranking asks for the same again and again. */
export const seasonWeather = oncePerPart((climate: Climate, season: keyof typeof MONTHS_OF): SeasonWeather => {
  const months = MONTHS_OF[season]
  const by = (value: (month: number) => number) => months.reduce((a, b) => (value(b) < value(a) ? b : a))
  const of = (month: number) => weatherOf(climate, month)
  return {
    hardest: of(by((month) => climate.lows[month]! + climate.highs[month]!)),
    coldest: of(by((month) => climate.lows[month]!)),
    hottest: of(by((month) => -climate.highs[month]!)),
  }
})

export function weatherOf({ where, latitude, lows, highs, clear }: Climate, month: number): Weather {
  const [low, high] = [lows[month]!, highs[month]!]
  return {
    place: where,
    month: MONTH_NAMES[month]!,
    low,
    high,
    temperature: HOURS.map((hour) => temperatureAt(hour + 0.5, low, high)),
    sun: HOURS.map((hour) => clearSky(latitude, month, hour + 0.5) * clear[month]!),
  }
}

export const HOURS: readonly number[] = Array.from({ length: 24 }, (_, hour) => hour)

/** A day as a wave: warmest at three in the afternoon, coldest twelve hours earlier (common practice). F. */
const temperatureAt = (hour: number, low: number, high: number): number =>
  (low + high) / 2 + ((high - low) / 2) * Math.cos((2 * Math.PI * (hour - 15)) / 24)

/**
 * Sun on level ground under a clear sky, W per square meter: 1098 cos z exp(-0.057 / cos z), z the angle from straight
 * above (Haurwitz 1945, from memory). The hour is the sun's own: noon is when it stands highest, so longitude 0 serves.
 */
export function clearSky(latitude: number, month: number, hour: number): number {
  const { altitude } = getPosition(new Date(Date.UTC(2026, month, 15, 0, Math.round(hour * 60))), latitude, 0)
  const cosine = Math.sin((altitude * Math.PI) / 180)
  return cosine <= 0.01 ? 0 : 1098 * cosine * Math.exp(-0.057 / cosine)
}
