import { Box, Heading, Link, Text } from '@chakra-ui/react'
import type { Metadata } from 'next'
import NextLink from 'next/link'
import { requireAccount } from '../../server/auth/session'

export const metadata: Metadata = { title: 'Not for you' }

/** In place of a page that somebody may not see. */
export default async function Page() {
  const { role } = await requireAccount('be here')
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        This page is not for a {role}
      </Heading>
      <Text mb="3">If you need it for your work, ask your manager.</Text>
      <Link asChild color="green" fontWeight="600">
        <NextLink href="/yard">To the yard</NextLink>
      </Link>
    </Box>
  )
}
