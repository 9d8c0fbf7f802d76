import { Text } from '@chakra-ui/react'
import type { Household } from '@hitchet/core/household/household'
import type { NextQuestion } from '@hitchet/core/match/asking/nextQuestion'
import { Said } from '../../look/measures'
import { useReckoned } from './useReckoned'

/** After a longer pause in typing than the yard itself waits for. */
const PAUSE_MS = 900

/** The question whose answer divides what is left the most; a tap goes to its field. */
export function AskNext({ household, onAsk }: { household: Household | undefined; onAsk(field: string): void }) {
  const next = useReckoned<{ next: NextQuestion | null }>(household, '/api/next-question', PAUSE_MS)?.next
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
