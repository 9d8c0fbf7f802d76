import { Flex, Heading, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** A screen's title, what it says in a line, and what can be done on it. */
export function PageHead({ title, line, children }: { title: string; line?: ReactNode; children?: ReactNode }) {
  return (
    <Flex align="center" gap="4" py="3" flexWrap="wrap" minH="64px">
      <Heading as="h1" size="xl" fontWeight="700">
        {title}
      </Heading>
      {line && (
        <Text color="line" fontSize="14px">
          {line}
        </Text>
      )}
      <Flex ml="auto" gap="2" align="center" flexWrap="wrap">
        {children}
      </Flex>
    </Flex>
  )
}
