import { Box, Heading, Text } from '@chakra-ui/react'
import type { Metadata } from 'next'
import { BackAgain } from '../../offline/BackAgain'

export const metadata: Metadata = { title: 'Not on this device' }

/** Shown without a connection in place of a page that was never opened on this device. */
export default function Page() {
  return (
    <Box as="main" maxW="640px" mx="auto" px="4" py="16">
      <Heading as="h1" size="2xl">
        No connection, and this page is not on this device
      </Heading>
      <Text mt="4" fontSize="18px">
        Units that you open stay on this device, with their walk, their tape and the household you opened them for, as
        long as you’re signed in: twelve hours at most. This one isn’t here, or that time is over. What you noted is
        kept, and is sent when there’s a connection again.
      </Text>
      <BackAgain />
    </Box>
  )
}
