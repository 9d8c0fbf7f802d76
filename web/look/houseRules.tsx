'use client'

import { createContext, useContext, type ReactNode } from 'react'
import type { HouseRules } from '@hitchet/core/rules/houseRules'

/** The thresholds that drawings and their notes speak of. */
export type DrawnRules = Pick<HouseRules, 'ways' | 'seating'>

const Rules = createContext<DrawnRules | undefined>(undefined)

/** The dealership's thresholds, for all drawings below. */
export function HouseRulesProvider({ rules, children }: { rules: DrawnRules; children: ReactNode }) {
  return <Rules.Provider value={rules}>{children}</Rules.Provider>
}

export function useHouseRules(): DrawnRules {
  const rules = useContext(Rules)
  if (!rules) throw new Error('a drawing with thresholds stands outside of HouseRulesProvider')
  return rules
}
