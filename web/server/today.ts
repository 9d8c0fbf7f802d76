import { houseTimeZone } from './settings'

/** The day of a moment by the clock of the house: ISO date. */
export function dayOf(moment: Date): string {
  const parts = new Intl.DateTimeFormat('en-US', {
    timeZone: houseTimeZone(),
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).formatToParts(moment)
  const of = (type: Intl.DateTimeFormatPartTypes) => parts.find((part) => part.type === type)!.value
  return `${of('year')}-${of('month')}-${of('day')}`
}

/** Today by that clock. `days`: so many later. */
export function today(days = 0, now = new Date()): string {
  // Counted from noon: no change of the clocks moves a day.
  const noon = new Date(`${dayOf(now)}T12:00:00Z`)
  return new Date(noon.valueOf() + days * A_DAY).toISOString().slice(0, 10)
}

const A_DAY = 24 * 60 * 60 * 1_000
