import { factSheet } from '@hitchet/core/match/factSheet'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import type { Trailer } from '@hitchet/core/trailer/trailer'

/** The facts of some trailers, as text to store. */
export const factSheets = ({ trailers, rules }: { trailers: readonly Trailer[]; rules: HouseRules }): string[] =>
  trailers.map((trailer) => JSON.stringify(factSheet(trailer, rules)))
