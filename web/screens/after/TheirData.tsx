'use client'

import { Button, HStack, Input, Link, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { refusalText, request } from '../request'

/** All that is kept of them, for them to take; and all of it erased, which takes typing the name. */
export function TheirData({ household, version, name }: { household: string; version: number; name: string }) {
  const router = useRouter()
  const [typed, setTyped] = useState('')
  const [says, setSays] = useState<string>()
  const erase = async () => {
    const outcome = await request('DELETE', `/api/households/${household}`, { version })
    if (outcome.ok) router.push('/')
    else
      setSays(
        outcome.kind === 'stale'
          ? 'Not erased: someone changed it in the meantime. Reload the page and check first.'
          : refusalText(outcome),
      )
  }
  return (
    <>
      <Link href={`/api/households/${household}/everything`} color="green" fontWeight="600">
        Download everything we have on them
      </Link>
      <Text mt="2" fontSize="14px">
        To erase it all, type “{name}”: their answers, how they are reached, their pages and links, what is due, and
        what was noted with them on walks. What was read on units stays with the units. For a quarter of an hour you can
        put it back from your desk; then nothing of it is left.
      </Text>
      <HStack gap="2" mt="1">
        <Input
          size="sm"
          w="240px"
          aria-label={`Type ${name} to erase`}
          autoComplete="off"
          value={typed}
          onChange={({ target }) => setTyped(target.value)}
        />
        <Button size="sm" variant="outline" disabled={typed.trim() !== name.trim()} onClick={() => void erase()}>
          Erase
        </Button>
      </HStack>
      <Text role="alert" minH="20px" fontSize="13.5px" color="no">
        {says}
      </Text>
    </>
  )
}
