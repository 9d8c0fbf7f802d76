'use client'

import { Button } from '@chakra-ui/react'
import { Ban, Heart } from 'lucide-react'
import { useFieldArray, useFormContext } from 'react-hook-form'
import { PLACES, type Place } from '@hitchet/core/features/feature'
import { WISHABLE, type Wishable } from '@hitchet/core/household/featureWishes'
import type { HouseholdDraft } from '@hitchet/core/household/draft'

const keyOf = ({ feature, is = '' }: { feature: string; is?: string }): string => `${feature}=${is}`
const BY_KEY = new Map<string, Wishable>(WISHABLE.map((one) => [keyOf(one), one]))

/**
 * Whatever else they speak of, out of all that is told on a lot: chosen from the list it lies on the shelf beside the others,
 * and a tap makes of it what they would rather not have, another takes it off.
 */
export function useMoreWishes() {
  const { control } = useFormContext<HouseholdDraft>()
  const { fields, append, remove, update } = useFieldArray({ control, name: 'wishes' })
  const held = new Set(fields.map(keyOf))
  const onShelf = fields.map(({ id, ...wish }, i) => {
    const label = BY_KEY.get(keyOf(wish))?.label ?? wish.feature
    const wanted = wish.stance === 'want'
    return (
      <Button
        key={id}
        type="button"
        size="sm"
        fontWeight="600"
        variant="solid"
        aria-label={`${label}: ${wanted ? 'want' : 'rather not'}`}
        onClick={() => (wanted ? update(i, { ...wish, stance: 'avoid' }) : remove(i))}
      >
        {wanted ? <Heart size={15} aria-hidden /> : <Ban size={15} aria-hidden />}
        {label}: {wanted ? 'want' : 'rather not'}
      </Button>
    )
  })
  const choose = (
    <select
      className="field-box"
      style={{ width: 340, maxWidth: '100%', marginTop: 4 }}
      aria-label="Another wish"
      value=""
      onChange={(event) => {
        const chosen = BY_KEY.get(event.target.value)
        if (chosen) append({ feature: chosen.feature, is: chosen.is ?? '', stance: 'want' }, { shouldFocus: false })
      }}
    >
      <option value="">Another wish …</option>
      {(Object.keys(PLACES) as Place[]).map((place) => (
        <optgroup key={place} label={PLACES[place]}>
          {WISHABLE.filter((one) => one.place === place && !held.has(keyOf(one))).map((one) => (
            <option key={keyOf(one)} value={keyOf(one)}>
              {one.label}
            </option>
          ))}
        </optgroup>
      ))}
    </select>
  )
  return { onShelf, choose }
}
