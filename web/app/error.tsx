'use client'

import { Box, Button, Heading, HStack, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { useTryAgain } from '../screens/useTryAgain'
import { DATABASE_AWAY } from '../contracts/refusal'

const AWAY =
  'What you typed is kept on this device. The page comes by itself as soon as the database is back; ' +
  'if it takes longer than a few minutes, tell your IT contact.'
const WRONG =
  'Something on the server went wrong with this page; the other pages work. ' +
  'If trying again does not help, tell your manager which page it was.'

/** What happened, what is safe, what to do. */
export default function Failed({ error, reset }: { error: Error & { digest?: string }; reset(): void }) {
  const isAway = error.digest === DATABASE_AWAY
  const { again, trying, tries } = useTryAgain(reset, isAway)
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        {isAway ? 'The database does not answer' : 'This page could not be made'}
      </Heading>
      <Text mb="3">Nothing that was saved is lost. {isAway ? AWAY : WRONG}</Text>
      <HStack>
        <Button onClick={again} loading={trying}>
          Try again
        </Button>
        <Button asChild variant="outline">
          <NextLink href="/">To the desk</NextLink>
        </Button>
      </HStack>
      <Text mt="3" fontSize="14px" color="line" aria-live="polite" minH="20px">
        {tries > 0 && !trying && `Tried ${tries === 1 ? 'once' : `${tries} times`}; still the same.`}
      </Text>
    </Box>
  )
}
