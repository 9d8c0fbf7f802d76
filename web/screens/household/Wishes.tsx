'use client'

import { Box, Button, Flex, Text } from '@chakra-ui/react'
import { Ban, Heart, Search, Star } from 'lucide-react'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { useController, useFormContext, useWatch } from 'react-hook-form'
import type { HouseholdDraft } from '@hitchet/core/household/draft/draft'
import { STANCE_IDS, STANCES, type Stance, type StanceId } from '@hitchet/core/household/wishes/stances'

/** Names all that can be read on a unit: it comes once they speak of more than what people argue about. */
const MoreWishes = dynamic(
  () =>
    import('./MoreWishes').then(
      (it) => it.MoreWishes,
      () => NotHere,
    ),
  { ssr: false },
)

function NotHere() {
  return <p>More wishes cannot be fetched without a connection. What is held is kept.</p>
}

/** What people argue about, on a shelf: a tap is a wish, the next a must, the next none of it, the next no matter. */
export function Wishes() {
  const { control } = useFormContext<HouseholdDraft>()
  const held = useWatch({ control, name: 'wishes' }).length > 0
  const [looking, setLooking] = useState(false)
  return (
    <Box>
      <Flex wrap="wrap" gap="2" role="group" aria-label="Wishes">
        {STANCE_IDS.map((id) => (
          <Wish key={id} stance={id} />
        ))}
      </Flex>
      <Text fontSize="13px" color="line" mt="1">
        Tap once: they want it. Twice: a must, where it can be one. Three times: rather not. Four times: doesn’t matter,
        and it counts for nothing.
      </Text>
      {(held || looking) && <MoreWishes looking={looking} />}
      {!looking && (
        <Button type="button" size="sm" variant="ghost" mt="1" onClick={() => setLooking(true)}>
          <Search size={15} aria-hidden />
          Another wish
        </Button>
      )}
    </Box>
  )
}

const WORDS: Record<Stance, string> = { must: 'must', want: 'want', avoid: 'rather not' }
const ICONS = { must: Star, want: Heart, avoid: Ban }

/** What one tap makes of it. */
function next(now: Stance | '', mustPossible: boolean): Stance | '' {
  if (now === '') return 'want'
  if (now === 'want') return mustPossible ? 'must' : 'avoid'
  return now === 'must' ? 'avoid' : ''
}

function Wish({ stance }: { stance: StanceId }) {
  const { label, mustPossible } = STANCES[stance]
  const { field } = useController<HouseholdDraft, `stances.${string}`>({ name: `stances.${stance}` })
  const now = (field.value ?? '') as Stance | ''
  const Icon = now === '' ? undefined : ICONS[now]
  return (
    <Button
      type="button"
      id={`stances.${stance}`}
      size="sm"
      fontWeight={now === '' ? '400' : '600'}
      variant={now === '' ? 'outline' : 'solid'}
      aria-label={`${label}: ${now === '' ? 'no matter' : WORDS[now]}`}
      onClick={() => field.onChange(next(now, mustPossible))}
    >
      {Icon && <Icon size={15} aria-hidden />}
      {label.replace(/^An? /, '').replace(/^./, (first) => first.toUpperCase())}
      {now !== '' && `: ${WORDS[now]}`}
    </Button>
  )
}
