'use client'

import { HStack, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { SECOND_FACTOR_OF, type SecondFactorOf } from '../../contracts/secondFactor'
import { request } from '../request'

/** Of whom the house asks a code from their phone; who has none yet sets it up when they next do anything. */
export function AskSecondFactor({ of }: { of: SecondFactorOf }) {
  const router = useRouter()
  const [says, setSays] = useState<string>()
  const ask = async (next: string) => {
    const outcome = await request('PUT', '/api/house/second-factor', { of: next })
    setSays(outcome.ok ? undefined : outcome.says)
    if (outcome.ok) router.refresh()
  }
  return (
    <HStack mt="3" gap="3" flexWrap="wrap">
      <Text as="label" id="code-of">
        A code from their phone, besides the password, is asked of
      </Text>
      <NativeSelect.Root size="sm" w="140px">
        <NativeSelect.Field
          borderColor="line"
          aria-labelledby="code-of"
          value={of}
          onChange={(event) => void ask(event.target.value)}
        >
          {SECOND_FACTOR_OF.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      {says && (
        <Text role="alert" color="no" fontSize="14px">
          {says}
        </Text>
      )}
    </HStack>
  )
}
