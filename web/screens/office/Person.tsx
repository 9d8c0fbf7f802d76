'use client'

import { Button, HStack, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { request } from '../request'

interface PersonProps {
  id: string
  who: string
  email: string
  isOwn: boolean
  /** How often, and since when; absent: not at all. */
  signedIn?: string
}

/** Somebody of the house, and how to send them out: of their sessions, or for good. */
export function Person({ id, who, email, isOwn, signedIn }: PersonProps) {
  const router = useRouter()
  const [says, setSays] = useState<string>()
  const [busy, setBusy] = useState(false)
  const [asked, setAsked] = useState(false)
  const send = async (url: string) => {
    setBusy(true)
    const outcome = await request('DELETE', url)
    setBusy(false)
    setAsked(false)
    setSays(outcome.ok ? undefined : outcome.says)
    if (outcome.ok) router.refresh()
  }
  return (
    <HStack gap="3" py="1.5" flexWrap="wrap" role="group" aria-label={who}>
      <Text w={{ base: '100%', md: '430px' }} flex="none">
        <b>{who}</b>{' '}
        <Text as="span" fontSize="14px" color="line">
          {email}
        </Text>
      </Text>
      <Text fontSize="14px" w="240px" flex="none">
        {signedIn ?? 'not signed in'}
      </Text>
      {signedIn && (
        <Button size="sm" variant="outline" loading={busy} onClick={() => void send(`/api/people/${id}/sessions`)}>
          {isOwn ? 'Sign me out everywhere' : 'Sign them out'}
        </Button>
      )}
      {!isOwn && (
        <Button
          size="sm"
          variant={asked ? 'solid' : 'ghost'}
          loading={busy}
          onClick={() => (asked ? void send(`/api/people/${id}`) : setAsked(true))}
        >
          {asked ? 'Remove for good' : 'Remove'}
        </Button>
      )}
      {asked && (
        <Button size="sm" variant="ghost" onClick={() => setAsked(false)}>
          Keep
        </Button>
      )}
      {says && (
        <Text color="no" role="alert" fontSize="14px">
          {says}
        </Text>
      )}
    </HStack>
  )
}
