import { Box, HStack, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { messagesHeld } from '../../server/services/messages'
import { dayOf } from '../../server/today'
import { PageHead } from '../PageHead'

/** What would have been sent; `ofHouse`: also what goes to people of the house. */
export async function OutboxScreen({ ofHouse }: { ofHouse: boolean }) {
  const messages = await messagesHeld({ ofHouse })
  return (
    <>
      <PageHead title="Outbox" line="no mail or text service is connected: this is what would have gone out" />
      {messages.length === 0 && <Text>Nothing yet. A page is sent from “Afterwards” of a household.</Text>}
      {messages.map(({ id, householdId, household, channel, recipient, subject, words, by, madeAt }) => (
        <Box as="article" key={id} aria-label={subject} borderTopWidth="1px" borderColor="hair" py="3" maxW="760px">
          <HStack gap="3" flexWrap="wrap" align="baseline">
            <Text fontWeight="700">{subject}</Text>
            <Text fontSize="14px" color="line">
              {channel === 'email' ? 'email' : 'text'} to {recipient},{' '}
              {householdId && (
                <>
                  <Link asChild textDecoration="underline">
                    <NextLink href={`/households/${householdId}/after`} prefetch={false}>
                      {household}
                    </NextLink>
                  </Link>
                  ,{' '}
                </>
              )}
              {dayOf(madeAt)}
              {by && `, ${by.split(' ')[0]}`}
            </Text>
          </HStack>
          <Text whiteSpace="pre-wrap" overflowWrap="anywhere" fontSize="14.5px" mt="1">
            {words}
          </Text>
        </Box>
      ))}
    </>
  )
}
