'use client'

import { Button, HStack, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { refusalText, request } from '../request'

/** A household that was taken out a moment ago, and the way back. */
export function SoftDeleted({ id, name }: { id: string; name: string }) {
  const router = useRouter()
  const [says, setSays] = useState<string>()
  const back = async () => {
    const outcome = await request('POST', `/api/households/${id}/back`)
    if (outcome.ok) router.refresh()
    else setSays(refusalText(outcome))
  }
  return (
    <HStack gap="3" py="1" fontSize="14.5px">
      <Text>{name} was erased. For a quarter of an hour it can be put back.</Text>
      <Button size="sm" variant="outline" onClick={() => void back()}>
        Put {name} back
      </Button>
      {says && (
        <Text role="alert" color="no">
          {says}
        </Text>
      )}
    </HStack>
  )
}
