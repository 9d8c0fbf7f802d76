'use client'

import { Button, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { request } from '../request'

/** Erases a record that cannot be read, at the second press. */
export function EraseRecord({ id, name }: { id: string; name: string }) {
  const router = useRouter()
  const [asked, setAsked] = useState(false)
  const [says, setSays] = useState<string>()
  const erase = async () => {
    if (!asked) return setAsked(true)
    const outcome = await request('DELETE', `/api/set-aside/${id}`)
    if (outcome.ok) router.refresh()
    else setSays(outcome.says)
  }
  return (
    <>
      <Button
        size="xs"
        variant={asked ? 'solid' : 'outline'}
        aria-label={asked ? `Erase ${name} for good` : `Erase ${name}`}
        onClick={() => void erase()}
      >
        {asked ? 'Erase it for good' : 'erase it'}
      </Button>
      {says && (
        <Text as="span" role="alert" color="no">
          {' '}
          {says}
        </Text>
      )}
    </>
  )
}
