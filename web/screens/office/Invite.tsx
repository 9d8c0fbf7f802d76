'use client'

import { Button, HStack, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState, type FormEvent } from 'react'
import { ROLES } from '../../contracts/roles'
import { refusalText, request } from '../request'

/** Somebody new: they choose their password by a link, which goes out like any message. */
export function Invite() {
  const router = useRouter()
  const [says, setSays] = useState<string>()
  const [busy, setBusy] = useState(false)
  const invite = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    setBusy(true)
    const outcome = await request<{ says: string }>('POST', '/api/people', Object.fromEntries(new FormData(form)))
    setBusy(false)
    setSays(outcome.ok ? outcome.value.says : refusalText(outcome))
    if (!outcome.ok) return
    form.reset()
    router.refresh()
  }
  return (
    <form aria-label="Invite somebody" onSubmit={(event) => void invite(event)}>
      <HStack mt="3" gap="3" flexWrap="wrap">
        <Input
          size="sm"
          w="200px"
          name="name"
          placeholder="Name"
          aria-label="Name of who is invited"
          required
          maxLength={80}
        />
        <Input size="sm" w="240px" name="email" type="email" placeholder="Email" aria-label="Their email" required />
        <NativeSelect.Root size="sm" w="140px">
          <NativeSelect.Field borderColor="line" name="role" aria-label="Their role" defaultValue="consultant">
            {ROLES.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <Button size="sm" type="submit" variant="outline" loading={busy}>
          Invite
        </Button>
      </HStack>
      {says && (
        <Text role="status" fontSize="14px" mt="1">
          {says}
        </Text>
      )}
    </form>
  )
}
