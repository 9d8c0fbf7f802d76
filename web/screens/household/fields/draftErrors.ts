import { set, type FieldErrors, type Resolver } from 'react-hook-form'
import type { Flaw } from '@hitchet/core/flaws/flaw'
import { type HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { householdFromDraft, type Reader } from '@hitchet/core/household/draft/fromDraft'
import type { Household } from '@hitchet/core/household/household'

/** Judges the interview by the household's own schema, and puts each flaw at its field. */
export function draftResolver(reader: Reader, before: Household | undefined): Resolver<HouseholdDraft> {
  return (draft) => {
    const { household, flaws } = householdFromDraft(draft, reader, before)
    return household ? { values: draft, errors: {} } : { values: {}, errors: fieldErrors(flaws) }
  }
}

export function fieldErrors(flaws: readonly Flaw[]): FieldErrors<HouseholdDraft> {
  const errors = {}
  for (const { path, expected } of flaws) set(errors, fieldOf(path), { type: 'value', message: expected })
  return errors
}

/** `people[0].age` is `people.0.age`; a rating's reading is one field. */
function fieldOf(path: string): string {
  return path.replace(/^vehicle\.readings\.(\w+)\[0\]\.value$/, 'vehicle.ratings.$1.value').replace(/\[(\d+)\]/g, '.$1')
}
