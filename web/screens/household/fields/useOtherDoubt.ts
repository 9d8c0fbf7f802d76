import { useFormContext, useWatch } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { otherDoubt } from '@hitchet/core/household/draft/draftDoubts'

type Of = 'limits' | 'trip' | `pets.${number}` | `gear.${number}`

/** A figure that is odd as it is typed, of the limits, the trip, a pet or a thing, and what Yes does about it. */
export function useOtherDoubt(of: Of) {
  const { control, getValues, setValue } = useFormContext<HouseholdDraft>()
  const [one, sure] = useWatch({ control, name: [of, 'sure'] }) as [unknown, HouseholdDraft['sure'] | undefined]
  // For a moment after a line is added or taken out the form knows nothing of it.
  if (!one) return undefined
  const nothing = { limits: {}, trip: {}, pets: [], gear: [], sure: sure ?? [] }
  const [list] = of.split('.') as ['limits' | 'trip' | 'pets' | 'gear']
  const found = otherDoubt({ ...nothing, [list]: list === 'limits' || list === 'trip' ? one : [one] }, `${list}.`)
  return (
    found && {
      says: found.says,
      onSure: () => {
        const others = getValues('sure').filter(({ figure }) => figure !== found.figure)
        setValue('sure', [...others, { figure: found.figure, text: found.text }], { shouldDirty: true })
      },
    }
  )
}
