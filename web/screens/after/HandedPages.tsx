'use client'

import { Box, Button, HStack, Link, Text } from '@chakra-ui/react'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { refusalText, request } from '../request'

interface HandedOutPage {
  id: string
  stocks: string[]
  /** ISO dates. */
  made: string
  until: string
  withdrawn: string | null
  by: string | null
  visits: number
  path: string
  /** Whether its link works. */
  open: boolean
}

/** The pages they were given, the latest first: to be opened, printed, sent, and taken back. */
export function HandedPages({
  household,
  pages,
  reached,
}: {
  household: string
  pages: HandedOutPage[]
  /** By what they can be written to. */
  reached: { email: boolean; text: boolean }
}) {
  if (pages.length === 0) return <Text color="line">Nothing yet.</Text>
  return pages.map((page) => <Page key={page.id} household={household} page={page} reached={reached} />)
}

function Page({
  household,
  page,
  reached,
}: {
  household: string
  page: HandedOutPage
  reached: { email: boolean; text: boolean }
}) {
  const { id, stocks, made, until, withdrawn, by, visits, path, open } = page
  const router = useRouter()
  const [says, setSays] = useState<string>()
  const message = useRef<Partial<Record<'email' | 'text', string>>>({})
  const withdraw = async () => {
    const outcome = await request('DELETE', `/api/take-homes/${id}`)
    setSays(outcome.ok ? 'Withdrawn: the link works no more.' : refusalText(outcome))
    router.refresh()
  }
  const write = async (channel: 'email' | 'text') => {
    message.current[channel] ??= uuid()
    const body = { id: message.current[channel], page: id, channel }
    const outcome = await request<{ says: string }>('POST', `/api/households/${household}/messages`, body)
    if (outcome.ok) message.current[channel] = undefined
    setSays(outcome.ok ? outcome.value.says : refusalText(outcome))
  }
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(new URL(path, window.location.origin).href)
      setSays('Copied.')
    } catch {
      setSays(`Not copied. It is ${new URL(path, window.location.origin).href}`)
    }
  }
  return (
    <Box
      as="article"
      aria-label={`Page of ${stocks.join(', ')}, ${made}`}
      borderTopWidth="1px"
      borderColor="hair"
      py="2"
    >
      <HStack gap="3" flexWrap="wrap" align="baseline">
        <Text fontWeight="700" className="figure">
          {stocks.join(' · ')}
        </Text>
        <Text fontSize="14px" color="line">
          {made}
          {by && `, ${by.split(' ')[0]}`};{' '}
          {withdrawn ? `withdrawn ${withdrawn}` : open ? `link until ${until}` : `link ended ${until}`};{' '}
          {visits === 0 ? 'not opened yet' : visits === 1 ? 'opened once' : `opened ${visits} times`}
        </Text>
      </HStack>
      <HStack gap="2" mt="1.5" flexWrap="wrap">
        {open && (
          <Link href={path} target="_blank" color="green" fontWeight="600">
            Open it
          </Link>
        )}
        <Link href={`/api/take-homes/${id}/paper/letter`} target="_blank" color="green" fontWeight="600">
          PDF, Letter
        </Link>
        <Link href={`/api/take-homes/${id}/paper/a4`} target="_blank" color="green" fontWeight="600">
          PDF, A4
        </Link>
        {open && (
          <>
            <Button size="xs" variant="outline" onClick={() => void copy()}>
              Copy the link
            </Button>
            <Button size="xs" variant="outline" disabled={!reached.email} onClick={() => void write('email')}>
              Send by email
            </Button>
            <Button size="xs" variant="outline" disabled={!reached.text} onClick={() => void write('text')}>
              Send as a text
            </Button>
            <Button size="xs" variant="outline" onClick={() => void withdraw()}>
              Withdraw
            </Button>
          </>
        )}
      </HStack>
      <Text role="status" minH="20px" fontSize="13.5px" color="line">
        {says ?? (open && !reached.email && !reached.text ? 'To send it, note how they are reached.' : '')}
      </Text>
    </Box>
  )
}
