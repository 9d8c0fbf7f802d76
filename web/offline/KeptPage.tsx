'use client'

import { Flex, Text } from '@chakra-ui/react'
import { CloudOff } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useMemo, useState, useSyncExternalStore, useTransition } from 'react'
import { KEPT_SINCE } from './kept'

/** How often it is tried whether the server answers again. */
const TRY_EVERY = 5_000
const ALIVE = '/api/health/live'

/**
 * Over a page that came from the device instead of the server: since when, and that it may be old. Once the server answers
 * the page is fetched anew, and the banner goes with the old one.
 */
export function KeptPage() {
  const router = useRouter()
  const came = useSyncExternalStore(never, keptSince, () => undefined)
  const since = useMemo(() => (came ? new Date(came) : undefined), [came])
  const [fetching, fetchAnew] = useTransition()
  const [asked, setAsked] = useState(false)
  useEffect(() => {
    if (!since || asked) return
    let stopped = false
    const tryIt = async () => {
      const answer = await fetch(ALIVE, { cache: 'no-store' }).catch(() => undefined)
      if (stopped || !answer?.ok) return
      setAsked(true)
      fetchAnew(() => router.refresh())
    }
    void tryIt()
    const again = setInterval(() => void tryIt(), TRY_EVERY)
    return () => {
      stopped = true
      clearInterval(again)
    }
  }, [since, asked, router])
  if (!since || (asked && !fetching)) return null
  return (
    <Flex
      role="status"
      align="center"
      gap="2"
      px={{ base: 3, md: 6 }}
      py="2"
      borderBottomWidth="1px"
      borderColor="line"
      bg="bar"
      fontSize="14.5px"
    >
      <CloudOff aria-hidden size={18} />
      <Text>
        Saved on this device {ago(since)}, so it may be out of date.{' '}
        {fetching ? 'Getting the current page.' : 'Waiting for the server.'}
      </Text>
    </Flex>
  )
}

/** A page is from the device or not: that doesn't change while it is there. */
const never = () => () => undefined
const keptSince = (): string | undefined =>
  document.querySelector(`meta[name="${KEPT_SINCE}"]`)?.getAttribute('content') ?? undefined

const MINUTE = 60_000
const SPANS = [
  ['day', 24 * 60],
  ['hour', 60],
  ['minute', 1],
] as const

/** `5 minutes ago`, `yesterday`. */
function ago(when: Date): string {
  const minutes = Math.max(0, (Date.now() - when.valueOf()) / MINUTE)
  const words = new Intl.RelativeTimeFormat('en-US', { numeric: 'auto' })
  const span = SPANS.find(([, long]) => minutes >= long)
  return span ? words.format(-Math.round(minutes / span[1]), span[0]) : 'just now'
}
