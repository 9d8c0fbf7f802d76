import type { MeasureSystem } from '@hitchet/core/quantity/format'
import type { TakeHome } from '@hitchet/core/takehome/takeHome'

/** What a printer takes. */
export const PAPER_SIZES = ['LETTER', 'A4'] as const
export type PaperSize = (typeof PAPER_SIZES)[number]

/** A page to be made into a document. */
export interface PaperJob {
  taken: TakeHome
  size: PaperSize
  system: MeasureSystem
}
