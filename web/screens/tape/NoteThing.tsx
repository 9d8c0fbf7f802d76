'use client'

import { Button, HStack, Text } from '@chakra-ui/react'
import { useState } from 'react'
import type { AbsentKind } from '@hitchet/core/trailer/trailer'
import { EQUIPMENT_KINDS } from '@hitchet/core/readings/catalogue'
import { useNotes } from '../../offline/Notes'

/** A kind of thing nobody has looked for: one tap says that it is there, or that there is none. */
export function NoteThing({
  stock,
  kind,
  about,
  onNoted,
}: {
  stock: string
  kind: AbsentKind
  /** What it is called. */
  about: string
  onNoted(): void
}) {
  const { note } = useNotes()
  const [busy, setBusy] = useState(false)
  const [says, setSays] = useState<string>()
  const tap = async (there: boolean) => {
    setBusy(true)
    const heard = await note({ stock, about }, { kind: 'thing', thing: kind, there })
    setBusy(false)
    if ('says' in heard) setSays(heard.says)
    else onNoted()
  }
  const drawn = !(kind in EQUIPMENT_KINDS)
  return (
    <HStack gap="2" py="2" flexWrap="wrap">
      {!drawn && (
        <Button minH="44px" loading={busy} onClick={() => void tap(true)}>
          It has one
        </Button>
      )}
      <Button minH="44px" variant="outline" loading={busy} onClick={() => void tap(false)}>
        None on this unit
      </Button>
      {drawn && <Text fontSize="14px">Or draw it: the shelf is under Draw, above.</Text>}
      {says && (
        <Text role="alert" color="no" fontSize="13.5px">
          {says}
        </Text>
      )}
    </HStack>
  )
}
