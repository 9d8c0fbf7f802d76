'use client'

import { Button, HStack } from '@chakra-ui/react'

/** Loaded anew rather than led to: without a line nothing else comes from the device. */
export function BackAgain() {
  return (
    <HStack mt="6" gap="3">
      <Button minH="48px" onClick={() => window.location.reload()}>
        Try again
      </Button>
      <Button minH="48px" variant="outline" onClick={() => window.history.back()}>
        Back
      </Button>
    </HStack>
  )
}
