import type { SEASONS } from '../household/told/tripFields'

/** January is 0. */
export const MONTHS_OF: Record<(typeof SEASONS)[number], readonly number[]> = {
  summer: [5, 6, 7],
  'spring to fall': [3, 4, 5, 6, 7, 8, 9],
  winter: [11, 0, 1],
}

export const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const
