'use client'

import { Box, Button, Popover, Portal, Text } from '@chakra-ui/react'
import { CloudOff, MessageSquareWarning } from 'lucide-react'
import type { WalkEvent } from '@hitchet/core/walk/event'
import { useNotes } from './Notes'

/** What waits on this device, and what came of what arrived: nothing where all is sent and nothing is to be told. */
export function Waiting() {
  const { waiting, others, told, went, read, deliver } = useNotes()
  if (waiting.length + others + told.length === 0) return null
  const label =
    told.length > 0 ? count(told.length, 'note') + ' to read' : count(waiting.length + others, 'note') + ' waiting'
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button size="sm" minH="40px" variant="outline" color={told.length ? 'no' : 'measure'}>
          {told.length ? <MessageSquareWarning aria-hidden size={18} /> : <CloudOff aria-hidden size={18} />} {label}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="bar" color="ink" borderWidth="1px" borderColor="line" maxW="420px" p="4">
            {told.map(({ id, event, says }) => (
              <Box key={id} mb="3">
                <Text fontWeight="600">{noteText(event)}</Text>
                <Text fontSize="14.5px">{says}</Text>
                <Button size="sm" minH="40px" variant="outline" mt="1" onClick={() => read(id)}>
                  Read
                </Button>
              </Box>
            ))}
            {waiting.length > 0 && (
              <>
                <Text fontWeight="600">
                  {went === 'stranger'
                    ? 'Sign in again: then these are sent.'
                    : 'Kept on this device until they are sent:'}
                </Text>
                <Box as="ul" listStyleType="none" fontSize="14.5px" maxH="240px" overflowY="auto">
                  {waiting.map((event) => (
                    <li key={event.id}>{noteText(event)}</li>
                  ))}
                </Box>
                <Button size="sm" minH="40px" mt="2" onClick={() => void deliver()}>
                  Send now
                </Button>
              </>
            )}
            {others > 0 && (
              <Text fontSize="14.5px" mt="2">
                {count(others, 'note')} of somebody else wait here: they are sent when that person signs in on this
                device.
              </Text>
            )}
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  )
}

const count = (many: number, what: string): string => `${many} ${what}${many === 1 ? '' : 's'}`

/** What was noted, in words. */
function noteText({ stock, about, what }: WalkEvent): string {
  const of = `${stock}, ${about}`
  if (what.kind === 'reading') return `${of}: ${what.text}`
  if (what.kind === 'taken back') return `${of}: taken back`
  if (what.kind === 'thing') return `${of}: ${what.there ? 'it has one' : 'none'}`
  if (what.kind === 'reaction') return `${of}: ${what.reaction.feels}`
  if (what.kind === 'choice') return about
  return what.kind === 'shown' ? `${of}: shown` : `${of}: ${what.done ? 'done' : 'not done'}`
}
