'use client'

import { createContext, useContext, type ReactNode } from 'react'
import { formatFeet, formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { phraseText, type Phrase } from '@hitchet/core/quantity/phrase'
import type { Quantity } from '@hitchet/core/quantity/quantity'

const Measures = createContext<MeasureSystem>('us')

/** What the person reads in, for all figures below. */
export function MeasuresProvider({ system, children }: { system: MeasureSystem; children: ReactNode }) {
  return <Measures.Provider value={system}>{children}</Measures.Provider>
}

export const useMeasures = (): MeasureSystem => useContext(Measures)

/** A sentence with its figures in the person's own measures. */
export function Said({ phrase }: { phrase: Phrase }) {
  return <>{phraseText(phrase, useMeasures())}</>
}

/** A figure, or "Measure" where nobody took it. Lengths of rigs and rooms read in feet. */
export function Figure({
  value,
  unit,
  long = false,
}: {
  value: number | undefined
  unit: Quantity['unit']
  long?: boolean
}) {
  const system = useMeasures()
  if (value === undefined) return <>Measure</>
  return <>{long ? formatFeet(value, system) : formatQuantity({ value, unit }, system)}</>
}
