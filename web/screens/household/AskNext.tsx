import { Text } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import type { Household } from '@hitchet/core/household/household'
import type { NextQuestion } from '@hitchet/core/match/nextQuestion'
import { Said } from '../../look/measures'
import { request } from '../request'

/** After a longer pause in typing than the yard itself waits for. */
const PAUSE_MS = 900

/** The question whose answer divides what is left the most; a tap goes to its field. */
export function AskNext({ household, onAsk }: { household: Household | undefined; onAsk(field: string): void }) {
  const next = useNext(household)
  if (!next) return null
  const { asks, field, least, most } = next
  return (
    <Text fontSize="14px" mt="1">
      Ask next:{' '}
      <button
        type="button"
        onClick={() => onAsk(field)}
        style={{
          fontWeight: 700,
          textDecoration: 'underline',
          cursor: 'pointer',
          textAlign: 'left',
          minHeight: '24px',
        }}
      >
        <Said phrase={asks} />
      </button>
      . It decides between {least} and {most}.
    </Text>
  )
}

function useNext(household: Household | undefined): NextQuestion | undefined {
  const [next, setNext] = useState<NextQuestion>()
  const asked = household && JSON.stringify(household)
  useEffect(() => {
    if (!asked) return
    const stop = new AbortController()
    const ask = async () => {
      const outcome = await request<{ next: NextQuestion | null }>(
        'POST',
        '/api/next-question',
        JSON.parse(asked),
        stop.signal,
      )
      if (outcome.ok) setNext(outcome.value.next ?? undefined)
    }
    const later = setTimeout(() => void ask(), PAUSE_MS)
    return () => {
      clearTimeout(later)
      stop.abort()
    }
  }, [asked])
  return household ? next : undefined
}
