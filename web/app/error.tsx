'use client'

import { Box, Button, Heading, HStack, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { useRouter } from 'next/navigation'
import { useTransition } from 'react'

/** What happened, what is safe, what to do. */
export default function Failed({ reset }: { reset(): void }) {
  const router = useRouter()
  const [trying, start] = useTransition()
  // The page is made on the server: it is asked for anew before the broken one is let go of.
  const again = () =>
    start(() => {
      router.refresh()
      reset()
    })
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        This page could not be made
      </Heading>
      <Text mb="3">
        Nothing that was saved is lost. The server could not answer, most often because its database is starting again.
        Try once more in a moment.
      </Text>
      <HStack>
        <Button onClick={again} loading={trying}>
          Try again
        </Button>
        <Button asChild variant="outline">
          <NextLink href="/">To the desk</NextLink>
        </Button>
      </HStack>
    </Box>
  )
}
