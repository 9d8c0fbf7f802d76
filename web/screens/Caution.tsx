import { Box, Text } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import type { ReactNode } from 'react'

/** What must be said beside an answer that can hurt someone. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <Box
      display="flex"
      gap="2"
      alignItems="flex-start"
      borderLeftWidth="3px"
      borderColor="tight"
      pl="3"
      py="0.5"
      maxW="820px"
    >
      <Box color="tight" pt="0.5" flex="none">
        <TriangleAlert size={16} aria-label="Caution" />
      </Box>
      <Text fontSize="13.5px" lineHeight="1.4">
        {children}
      </Text>
    </Box>
  )
}
