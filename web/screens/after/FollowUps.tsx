'use client'

import { Button, Checkbox, Field, HStack, Input, Link, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useRef } from 'react'
import { v7 as uuid } from 'uuid'
import { request } from '../request'
import { useSaving } from '../useSaving'
import { typedIn } from './typedIn'

interface Due {
  id: string
  /** ISO date. */
  dueOn: string
  why: string
  done: boolean
}

/** When to come back to them, and why; what is done stays, ticked. */
export function FollowUps({
  household,
  all,
  today,
  usual,
}: {
  household: string
  all: Due[]
  today: string
  usual: string
}) {
  const router = useRouter()
  const form = useRef<HTMLFormElement>(null)
  const { busy, says, send, say } = useSaving()
  const id = useRef<string>(undefined)
  const add = async ({ dueOn, why }: Record<string, string>) => {
    if (!why!.trim()) return say('Say why: that is what stands on the desk.')
    id.current ??= uuid()
    const body = { id: id.current, dueOn, why }
    if ((await send(() => request('POST', `/api/households/${household}/follow-ups`, body))) === undefined) return
    id.current = undefined
    form.current?.reset()
    say('It stands on the desk on that day.')
    router.refresh()
  }
  const tick = async (one: Due) => {
    await send(() => request('PUT', `/api/follow-ups/${one.id}`, { done: !one.done }))
    router.refresh()
  }
  return (
    <>
      <form ref={form} onSubmit={(event) => void add(typedIn(event))} onChange={() => (id.current = undefined)}>
        <HStack gap="3" align="end" flexWrap="wrap">
          <Field.Root w="160px">
            <Field.Label fontSize="13.5px" mb="0">
              On
            </Field.Label>
            <Input size="sm" type="date" name="dueOn" min={today} defaultValue={usual} />
          </Field.Root>
          <Field.Root flex="1" minW="180px">
            <Field.Label fontSize="13.5px" mb="0">
              Why
            </Field.Label>
            <Input size="sm" name="why" maxLength={200} placeholder="payload read off the door?" autoComplete="off" />
          </Field.Root>
          <Button type="submit" size="sm" loading={busy}>
            Note it
          </Button>
        </HStack>
      </form>
      <Text role="status" minH="22px" fontSize="14px">
        {says}
      </Text>
      {all.map((one) => (
        <Checkbox.Root
          key={one.id}
          checked={one.done}
          onCheckedChange={() => void tick(one)}
          display="flex"
          py="1.5"
          borderTopWidth="1px"
          borderColor="hair"
        >
          <Checkbox.HiddenInput />
          <Checkbox.Control />
          <Checkbox.Label fontWeight="400">
            <b className="figure">{one.dueOn}</b> {one.why}
            {!one.done && one.dueOn < today && ' (overdue)'}
          </Checkbox.Label>
        </Checkbox.Root>
      ))}
      <Link href="/api/follow-ups/calendar" color="green" fontWeight="600" mt="2" display="inline-block">
        All that is due, as a calendar file
      </Link>
    </>
  )
}
