import type { Source } from '@hitchet/core/readings/reading'

/** Where a figure comes from, as it is said. */
export const SOURCE_WORDS: Record<Source, string> = {
  label: 'label',
  measured: 'measured',
  sheet: 'maker’s sheet',
  told: 'hearsay',
}
