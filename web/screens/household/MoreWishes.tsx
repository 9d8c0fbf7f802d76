'use client'

import { Button, Flex } from '@chakra-ui/react'
import { Ban, Heart, Star } from 'lucide-react'
import { useFieldArray, useFormContext } from 'react-hook-form'
import { WISHABLE, type FeatureWish, type Wishable } from '@hitchet/core/household/wishes/featureWishes'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { FindWish } from './FindWish'
import { keyOf } from './wishKey'

const BY_KEY = new Map<string, Wishable>(WISHABLE.map((one) => [keyOf(one), one]))

type WishStance = FeatureWish['stance']
const WORDS: Record<WishStance, string> = { must: 'must', want: 'want', avoid: 'rather not' }
const ICONS = { must: Star, want: Heart, avoid: Ban }
/** What a tap makes of it; after the last it is taken off. */
const NEXT: Partial<Record<WishStance, WishStance>> = { want: 'must', must: 'avoid' }

/**
 * Whatever else they speak of, out of all that can be read on a unit: found by typing and by where it is, it lies under the
 * shelf. A tap makes of it a must, the next what they would rather not have, the next takes it off.
 */
export function MoreWishes({ looking }: { looking: boolean }) {
  const { control } = useFormContext<HouseholdDraft>()
  const { fields, append, remove, update } = useFieldArray({ control, name: 'wishes' })
  return (
    <>
      {fields.length > 0 && (
        <Flex wrap="wrap" gap="2" mt="2" role="group" aria-label="More of their wishes">
          {fields.map(({ id, ...wish }, i) => {
            const label = BY_KEY.get(keyOf(wish))?.label ?? wish.feature
            const Icon = ICONS[wish.stance]
            const next = NEXT[wish.stance]
            return (
              <Button
                key={id}
                type="button"
                size="sm"
                fontWeight="600"
                variant="solid"
                aria-label={`${label}: ${WORDS[wish.stance]}`}
                onClick={() => (next ? update(i, { ...wish, stance: next }) : remove(i))}
              >
                <Icon size={15} aria-hidden />
                {label}: {WORDS[wish.stance]}
              </Button>
            )
          })}
        </Flex>
      )}
      {looking && (
        <FindWish
          held={new Set(fields.map(keyOf))}
          onFound={({ feature, is }) => append({ feature, is: is ?? '', stance: 'want' }, { shouldFocus: false })}
        />
      )}
    </>
  )
}
