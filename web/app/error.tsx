'use client'

import { Box, Button, Heading, Text } from '@chakra-ui/react'

/** What happened, what is safe, what to do. */
export default function Failed({ reset }: { reset(): void }) {
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        This page could not be made
      </Heading>
      <Text mb="3">
        Nothing that was saved is lost. The server could not answer, most often because its database is starting again.
        Try once more in a moment.
      </Text>
      <Button onClick={reset}>Try again</Button>
    </Box>
  )
}
