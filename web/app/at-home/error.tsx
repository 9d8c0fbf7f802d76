'use client'

import { Box, Button, Heading, Text } from '@chakra-ui/react'
import { useTryAgain } from '../../screens/useTryAgain'

/** For a buyer at home, who knows nothing of servers. */
export default function Failed({ reset }: { reset(): void }) {
  const { again, trying } = useTryAgain(reset, true)
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        Your page cannot be shown at the moment
      </Heading>
      <Text mb="3">
        Your page is safe. Leave this open and it will load by itself, or try the link again in a few minutes. If it
        still won’t load today, call your dealer.
      </Text>
      <Button onClick={again} loading={trying}>
        Try again
      </Button>
    </Box>
  )
}
