import { Box, Flex, Heading, Text } from '@chakra-ui/react'
import type { ReactNode } from 'react'

/** One turn of the talk. */
export function Section({
  id,
  title,
  line,
  children,
}: {
  id: string
  title: string
  line?: string
  children: ReactNode
}) {
  return (
    <Box as="section" aria-labelledby={id} py="4" borderTopWidth="1px" borderColor="hair">
      <Flex gap="3" align="baseline" mb="3" flexWrap="wrap">
        <Heading as="h2" id={id} size="md">
          {title}
        </Heading>
        {line && (
          <Text fontSize="14px" color="line">
            {line}
          </Text>
        )}
      </Flex>
      {children}
    </Box>
  )
}
