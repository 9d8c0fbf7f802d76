import type { Household } from '@hitchet/core/household/household'
import type { HouseRules } from '@hitchet/core/rules/houseRules'
import { takeHome, type HandedOut } from '@hitchet/core/takehome/takeHome'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { factsFrom } from '../db/factsText'

/** What a household takes home of some units, as text to keep; facts arrive as they are stored. */
export const takeHomes = ({
  units,
  household,
  rules,
  handedOut,
}: {
  units: readonly { trailer: Trailer; facts: string }[]
  household: Household
  rules: HouseRules
  handedOut: HandedOut
}): string =>
  JSON.stringify(
    takeHome(
      units.map(({ trailer, facts }) => ({ trailer, facts: factsFrom(facts) })),
      household,
      rules,
      handedOut,
    ),
  )
