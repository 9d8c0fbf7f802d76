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
        Units that were opened here stay here, with their walk, their tape and the household they were opened for. This
        one was not. What you noted is kept, and is sent when the line is back.
      </Text>
      <BackAgain />
    </Box>
  )
}
