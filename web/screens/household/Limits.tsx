'use client'

import { FieldLine } from './FieldLine'
import { TextField } from './TextField'
import { useOtherDoubt } from './useOtherDoubt'

/** What it may cost, and how long it may be. */
export function Limits() {
  return (
    <FieldLine gap={16} doubt={useOtherDoubt('limits')} fields={LIMITS}>
      <TextField path="limits.budget" label="Budget before taxes and fees" placeholder="32k" width="200px" />
      <TextField path="limits.trailerLength" label="Longest trailer" placeholder="26 ft" width="150px" />
      <TextField path="limits.rigLength" label="Longest rig, with the vehicle" placeholder="50 ft" width="200px" />
    </FieldLine>
  )
}

const LIMITS = [
  { path: 'limits.budget', label: 'Budget' },
  { path: 'limits.trailerLength', label: 'Longest trailer' },
  { path: 'limits.rigLength', label: 'Longest rig' },
] as const
