import { formatFeet, formatQuantity, type MeasureSystem } from '../quantity/format'
import { listed } from '../quantity/phrase'
import { dollars } from '../quantity/quantity'
import type { CardFigure } from '../match/told/unitCard'
import type { Source } from '../readings/reading'
import type { Cost } from './cost'

/** Where a figure comes from, to somebody who reads it at home. */
export const SOURCE_AT_HOME: Record<Source | 'reckoned', string> = {
  label: 'label',
  measured: 'measured',
  sheet: 'maker’s sheet',
  told: 'hearsay',
  reckoned: 'reckoned',
}

export function figureWords({ value, unit, long }: CardFigure, system: MeasureSystem): string {
  if (value === undefined) return 'to be measured'
  return long ? formatFeet(value, system) : formatQuantity({ value, unit }, system)
}

/** A price on a page they keep. */
export const askingWords = (asking: number | undefined): string =>
  asking === undefined ? 'no price yet' : formatQuantity(dollars(asking))

/** What it costs, in sentences: the price, what is in it, what comes on top, what is to be asked. */
export function costWords({ asking, list, within, notIn, ask }: Cost): string[] {
  const price = asking === undefined ? 'No price yet' : `Asking ${formatQuantity(dollars(asking))}`
  const sticker = list === undefined ? '' : `; the maker’s sticker says ${formatQuantity(dollars(list))}`
  return [
    `${price}${sticker}.`,
    `In it: ${listed(within)}.`,
    `Not in it: ${listed(notIn)}.`,
    ...(ask.length ? [`Ask whether it is in it: ${listed(ask)}.`] : []),
  ]
}

/** An ISO date as it is read: `November 27, 2026`. */
export const dayWords = (iso: string): string =>
  new Date(`${iso}T12:00:00Z`).toLocaleDateString('en-US', { dateStyle: 'long', timeZone: 'UTC' })
