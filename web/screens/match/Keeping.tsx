'use client'

import { Button, HStack, Input, Popover, Portal, Text } from '@chakra-ui/react'
import { Archive, Ellipsis, Pin } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { ChoiceNote } from '@hitchet/core/walk/event'
import { useNotes } from '../../offline/Notes'
import type { Choice } from '../../server/db/walkEvents'

const ICONS = { pinned: Pin, 'set aside': Archive, open: Ellipsis }

interface KeepingProps {
  stock: string
  household: string
  choice?: Choice
}

/** Keeps a unit in sight for a household, sets it aside, or notes a word on it; what asks for it opens when it is pressed. */
export function Keeping(props: KeepingProps) {
  const [asked, setAsked] = useState(false)
  if (asked) return <KeepingAsked {...props} />
  const { stock, choice } = props
  const stands = choice?.stands ?? 'open'
  const Icon = ICONS[stands]
  return (
    <button
      type="button"
      className="word-button"
      aria-label={`${stock}: pin, set aside or note`}
      aria-haspopup="dialog"
      onClick={() => setAsked(true)}
    >
      <Icon size={15} aria-hidden />
      {stands !== 'open' && stands}
    </button>
  )
}

/** With who said so, and when. */
function KeepingAsked({ stock, household, choice }: KeepingProps) {
  const { note } = useNotes()
  const router = useRouter()
  const [open, setOpen] = useState(true)
  const [word, setWord] = useState(choice?.word ?? '')
  const [says, setSays] = useState<string>()
  const stands = choice?.stands ?? 'open'
  const Icon = ICONS[stands]
  const say = async (as: ChoiceNote['stands']) => {
    const heard = await note(
      { stock, household, about: `${stock}: ${as}` },
      { kind: 'choice', stands: as, ...(word.trim() && { word: word.trim() }) },
    )
    if ('taken' in heard) {
      setOpen(false)
      setSays(undefined)
      router.refresh()
    } else setSays('says' in heard ? heard.says : 'No connection: it waits on this device.')
  }
  return (
    <Popover.Root open={open} onOpenChange={(to) => setOpen(to.open)} lazyMount unmountOnExit>
      <Popover.Trigger asChild>
        <Button variant="ghost" size="xs" px="1" aria-label={`${stock}: pin, set aside or note`}>
          <Icon size={15} aria-hidden />
          {stands !== 'open' && stands}
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="bar" color="ink" w="320px">
            <Popover.Body>
              <Input
                size="sm"
                aria-label="Why, or what to remember"
                placeholder="why, or what to remember"
                maxLength={200}
                value={word}
                onChange={({ target }) => setWord(target.value)}
              />
              <HStack gap="2" mt="2" flexWrap="wrap">
                <Button
                  size="sm"
                  variant={stands === 'pinned' ? 'solid' : 'outline'}
                  onClick={() => void say('pinned')}
                >
                  <Pin size={15} aria-hidden /> Pin
                </Button>
                <Button
                  size="sm"
                  variant={stands === 'set aside' ? 'solid' : 'outline'}
                  onClick={() => void say('set aside')}
                >
                  <Archive size={15} aria-hidden /> Set aside
                </Button>
                <Button size="sm" variant="outline" onClick={() => void say('open')}>
                  {stands === 'open' ? 'Note it' : 'Neither'}
                </Button>
              </HStack>
              {says && (
                <Text role="alert" color="no" fontSize="14px">
                  {says}
                </Text>
              )}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  )
}
