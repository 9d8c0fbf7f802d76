'use client'

import { Button, HStack, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Role } from '../../server/db/people/accounts'
import { request } from '../request'
import { ROLES } from '../../contracts/roles'

interface PersonProps {
  id: string
  name: string
  role: Role
  email: string
  isOwn: boolean
  hasSecondFactor: boolean
  /** How often, and since when; absent: not at all. */
  signedIn?: string
}

/** Somebody of the house: their role, their way in, and how to send them out, of their sessions or for good. */
export function Person({ id, name, role, email, isOwn, hasSecondFactor, signedIn }: PersonProps) {
  const router = useRouter()
  const [says, setSays] = useState<string>()
  const [busy, setBusy] = useState(false)
  const [asked, setAsked] = useState(false)
  const who = `${name}, ${role}`
  const send = async (method: 'DELETE' | 'POST' | 'PUT', url: string, body?: object) => {
    setBusy(true)
    const outcome = await request<{ says?: string }>(method, url, body)
    setBusy(false)
    setAsked(false)
    setSays(outcome.ok ? outcome.value.says : outcome.says)
    if (outcome.ok) router.refresh()
  }
  return (
    <HStack gap="3" py="1.5" flexWrap="wrap" role="group" aria-label={who}>
      <Text w={{ base: '100%', md: '330px' }} flex="none">
        <b>{name}</b>{' '}
        <Text as="span" fontSize="14px" color="line">
          {email}
        </Text>
      </Text>
      {isOwn ? (
        <Text w="120px">{role}</Text>
      ) : (
        <NativeSelect.Root size="sm" w="120px" disabled={busy}>
          <NativeSelect.Field
            borderColor="line"
            aria-label={`Role of ${name}`}
            value={role}
            onChange={(event) => void send('PUT', `/api/people/${id}`, { role: event.target.value })}
          >
            {ROLES.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
      <Text fontSize="14px" w="190px" flex="none">
        {signedIn ?? 'not signed in'}
        {hasSecondFactor && ', with a code'}
      </Text>
      {!isOwn && (
        <Button
          size="sm"
          variant="outline"
          loading={busy}
          onClick={() => void send('POST', `/api/people/${id}/password-link`)}
        >
          Send a password link
        </Button>
      )}
      {hasSecondFactor && !isOwn && (
        <Button
          size="sm"
          variant="outline"
          loading={busy}
          onClick={() => void send('DELETE', `/api/people/${id}/second-factor`)}
        >
          Turn their code off
        </Button>
      )}
      {signedIn && (
        <Button
          size="sm"
          variant="outline"
          loading={busy}
          onClick={() => void send('DELETE', `/api/people/${id}/sessions`)}
        >
          {isOwn ? 'Sign me out everywhere' : 'Sign them out'}
        </Button>
      )}
      {!isOwn && (
        <Button
          size="sm"
          variant={asked ? 'solid' : 'ghost'}
          loading={busy}
          onClick={() => (asked ? void send('DELETE', `/api/people/${id}`) : setAsked(true))}
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
        <Text role="alert" fontSize="14px">
          {says}
        </Text>
      )}
    </HStack>
  )
}
