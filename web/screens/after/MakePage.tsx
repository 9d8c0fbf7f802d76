'use client'

import { Button, Field, HStack, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { request } from '../request'
import { useSaving } from '../useSaving'

const DAYS = [7, 30, 90]

/** Which units, and how long the link works: the page is written down as it stands now. */
export function MakePage({ household, stocks, days }: { household: string; stocks: string[]; days: number }) {
  const router = useRouter()
  const [text, setText] = useState(stocks.join(', '))
  const [lasts, setLasts] = useState(days)
  const { busy, says, send, say } = useSaving()
  // Made once for each page that is wanted: a second press after a lost answer is the same page.
  const id = useRef<string>(undefined)
  const wanted = text.split(/[\s,;]+/).filter(Boolean)
  const make = async () => {
    if (wanted.length === 0) return say('Name the units: one for a page of its own, up to four to be compared.')
    if (wanted.length > 4) return say('A page holds up to four units.')
    id.current ??= uuid()
    const body = { id: id.current, stocks: wanted.map((one) => one.toUpperCase()), days: lasts }
    if ((await send(() => request('POST', `/api/households/${household}/take-homes`, body))) === undefined) return
    id.current = undefined
    say('Made: it stands below.')
    router.refresh()
  }
  return (
    <>
      <HStack
        as="form"
        gap="3"
        align="end"
        flexWrap="wrap"
        onSubmit={(event) => {
          event.preventDefault()
          void make()
        }}
      >
        <Field.Root w="260px">
          <Field.Label fontSize="13.5px" mb="0">
            Units, by stock number
          </Field.Label>
          <Input
            size="sm"
            value={text}
            placeholder="T-118, or two to four to compare"
            onChange={({ target }) => {
              setText(target.value)
              id.current = undefined
            }}
          />
        </Field.Root>
        <Field.Root w="150px">
          <Field.Label fontSize="13.5px" mb="0">
            The link works for
          </Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field
              value={lasts}
              onChange={({ target }) => setLasts(Number(target.value))}
              bg="bar"
              borderColor="line"
            >
              {DAYS.map((one) => (
                <option key={one} value={one}>
                  {one} days
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        </Field.Root>
        <Button type="submit" size="sm" loading={busy}>
          Make the page
        </Button>
      </HStack>
      <Text role="status" minH="22px" fontSize="14px">
        {says}
      </Text>
    </>
  )
}
