'use client'

import { Button, Field, HStack, Input, NativeSelect, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useRef } from 'react'
import { v7 as uuid } from 'uuid'
import { request } from '../request'
import { useSaving } from '../useSaving'
import { typedIn } from './typedIn'

const DAYS = [7, 30, 90]
const MOST = 4

/** Which units, and how long the link works: the page is written down as it stands now. */
export function MakePage({ household, stocks, days }: { household: string; stocks: string[]; days: number }) {
  const router = useRouter()
  const { busy, says, send, say } = useSaving()
  // Made once for each page that is wanted: a second press after a lost answer is the same page.
  const id = useRef<string>(undefined)
  const make = async ({ units, lasts }: Record<string, string>) => {
    const wanted = units!.split(/[\s,;]+/).filter(Boolean)
    if (wanted.length === 0) return say('Name the units: one for a page of its own, up to four to be compared.')
    if (wanted.length > MOST) return say(`Right would be up to ${MOST} units; these are ${wanted.length}.`)
    id.current ??= uuid()
    const body = { id: id.current, stocks: wanted, days: Number(lasts) }
    if ((await send(() => request('POST', `/api/households/${household}/take-homes`, body))) === undefined) return
    id.current = undefined
    say('Made: it stands below.')
    router.refresh()
  }
  return (
    <form onSubmit={(event) => void make(typedIn(event))} onChange={() => (id.current = undefined)}>
      <HStack gap="3" align="end" flexWrap="wrap">
        <Field.Root w="260px">
          <Field.Label fontSize="13.5px" mb="0">
            Units, by stock number
          </Field.Label>
          <Input
            size="sm"
            name="units"
            defaultValue={stocks.join(', ')}
            placeholder="T-118, or two to four to compare"
            autoComplete="off"
          />
        </Field.Root>
        <Field.Root w="150px">
          <Field.Label fontSize="13.5px" mb="0">
            The link works for
          </Field.Label>
          <NativeSelect.Root size="sm">
            <NativeSelect.Field name="lasts" defaultValue={days} bg="bar" borderColor="line">
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
    </form>
  )
}
