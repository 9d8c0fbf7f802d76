'use client'

import { Button, HStack, Text } from '@chakra-ui/react'
import type { AbsentKind } from '@hitchet/core/trailer/trailer'
import { EQUIPMENT_KINDS } from '@hitchet/core/readings/catalogue'
import { request } from '../request'
import { useSaving } from '../useSaving'

/** A kind of thing nobody has looked for: one tap says that it is there, or that there is none. */
export function NoteThing({ stock, kind, onNoted }: { stock: string; kind: AbsentKind; onNoted(): void }) {
  const { busy, says, send } = useSaving()
  const note = async (there: boolean) => {
    const noted = await send(() => request('POST', `/api/trailers/${stock}/things`, { kind, there }))
    if (noted) onNoted()
  }
  const drawn = !(kind in EQUIPMENT_KINDS)
  return (
    <HStack gap="2" py="2" flexWrap="wrap">
      {!drawn && (
        <Button minH="44px" loading={busy} onClick={() => void note(true)}>
          It has one
        </Button>
      )}
      <Button minH="44px" variant="outline" loading={busy} onClick={() => void note(false)}>
        None on this unit
      </Button>
      {drawn && <Text fontSize="14px">Or draw it: the shelf is under Draw, above.</Text>}
      {says && says !== 'Saved.' && (
        <Text role="alert" color="no" fontSize="13.5px">
          {says}
        </Text>
      )}
    </HStack>
  )
}
