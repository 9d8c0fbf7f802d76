'use client'

import { Button, CloseButton, Dialog, HStack, Kbd, Portal, Text } from '@chakra-ui/react'
import { useState } from 'react'
import { useKeys } from './useKeys'

/** `?` shows what this screen's keys do. */
export function Shortcuts({ keys }: { keys: Record<string, string> }) {
  const [open, setOpen] = useState(false)
  useKeys({ '?': () => setOpen(true) })
  return (
    <Dialog.Root open={open} onOpenChange={(change) => setOpen(change.open)} size="sm">
      <Dialog.Trigger asChild>
        <Button variant="ghost" size="xs" color="line" aria-label="Keys of this screen">
          ?
        </Button>
      </Dialog.Trigger>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="bar" color="ink">
            <Dialog.Header>
              <Dialog.Title>Keys of this screen</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              {Object.entries({ ...keys, '?': 'Show this list' }).map(([key, does]) => (
                <HStack key={key} py="1">
                  <Kbd minW="8" justifyContent="center">
                    {key}
                  </Kbd>
                  <Text>{does}</Text>
                </HStack>
              ))}
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  )
}
