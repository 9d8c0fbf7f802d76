import { Box, Heading, Text } from '@chakra-ui/react'

/** Guessed, expired or withdrawn: nobody is told which. */
export default function NotFound() {
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        This link does not work any more
      </Heading>
      <Text>Links to these pages end after a while. Ask who gave it to you for another.</Text>
    </Box>
  )
}
