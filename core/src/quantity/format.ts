import { CM_PER_INCH, LB_PER_KG } from './parse'
import { UNITS, type Quantity, type Unit } from './quantity'

/** What the person at the screen chose to read in. */
export const MEASURE_SYSTEMS = ['us', 'metric'] as const
export type MeasureSystem = (typeof MEASURE_SYSTEMS)[number]

/** From here on a length reads better in feet than in inches. A mattress of 80 in is still said in inches. */
const FEET_FROM = 96

/** What is nearer than this is the same figure. */
const ROUND = 1e-6

/**
 * A quantity as it is said: `4 in`, `21 ft 6 in`, `3,555 lb`, `$31,900`, `2 burners`. Sign is dropped by no
 * one: -4 reads `-4 in`.
 */
export function formatQuantity({ value, unit }: Quantity, system: MeasureSystem = 'us'): string {
  if (unit === '$') return formatMoney(value)
  if (unit === 'in') return system === 'us' ? formatInches(value) : formatCentimeters(value)
  if (unit === 'lb' && system === 'metric') return `${grouped(value / LB_PER_KG)} kg`
  if (unit === 'gal' && system === 'metric') return `${grouped(value * 3.785411784)} L`
  if (unit === 'F' && system === 'metric') return `${grouped(((value - 32) * 5) / 9)} °C`
  if (unit === 'R') return `R-${grouped(value, 1)}`
  if (unit === 'sq ft' && system === 'metric') return `${grouped(value * 0.09290304, 1)} m²`
  if (unit === 'cu ft' && system === 'metric') return `${grouped(value * 28.316846592)} L`
  return `${grouped(value, decimalsOf(unit))} ${Math.abs(value) === 1 ? UNITS[unit].one : UNITS[unit].many}`
}

/** Always feet and inches, as a person's height or a trailer's length is said: `6 ft 2 in`. Metric: `1.88 m`. */
export function formatFeet(value: number, system: MeasureSystem = 'us'): string {
  if (system === 'metric') return `${((value * CM_PER_INCH) / 100).toFixed(2)} m`
  const whole = Math.round(Math.abs(value))
  const sign = value < 0 ? '-' : ''
  const feet = Math.floor(whole / 12)
  const rest = whole % 12
  return `${sign}${feet} ft${rest ? ` ${rest} in` : ''}`
}

function formatInches(value: number): string {
  if (Math.abs(value) >= FEET_FROM) return formatFeet(value)
  return `${sixteenths(value) ?? grouped(value, 1)} in`
}

/** As a tape and the trade write what tenths would round away: `2 5/16`; undefined where tenths say it, or sixteenths do not. */
function sixteenths(value: number): string | undefined {
  const parts = Math.round(Math.abs(value) * 16)
  const isTenth = Math.abs(value * 10 - Math.round(value * 10)) < ROUND
  if (isTenth || Math.abs(Math.abs(value) * 16 - parts) > ROUND) return undefined
  const whole = Math.floor(parts / 16)
  let [over, under] = [parts % 16, 16]
  while (over % 2 === 0) [over, under] = [over / 2, under / 2]
  return `${value < 0 ? '-' : ''}${whole ? `${whole} ` : ''}${over}/${under}`
}

function formatCentimeters(value: number): string {
  const centimeters = value * CM_PER_INCH
  return Math.abs(centimeters) >= 250 ? `${(centimeters / 100).toFixed(2)} m` : `${grouped(centimeters)} cm`
}

function formatMoney(value: number): string {
  return `${value < 0 ? '-' : ''}$${grouped(Math.abs(value))}`
}

function decimalsOf(unit: Unit): 0 | 1 {
  return unit === 'cu ft' || unit === 'sq ft' || unit === 'gal/h' ? 1 : 0
}

/** Thousands grouped; decimals only where there are any. */
function grouped(value: number, decimals: 0 | 1 = 0): string {
  const scale = 10 ** decimals
  const rounded = Math.round(value * scale) / scale
  return GROUPED[decimals]!.format(Object.is(rounded, -0) ? 0 : rounded)
}

/** By decimals. Made once: a page says a thousand figures, and making one takes as long as saying forty. */
const GROUPED = [0, 1].map((decimals) => new Intl.NumberFormat('en-US', { maximumFractionDigits: decimals }))
