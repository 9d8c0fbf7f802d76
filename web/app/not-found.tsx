import { Box, Heading, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'

export default function NotFound() {
  return (
    <Box as="main" maxW="520px" mx="auto" pt="14vh" px="4">
      <Heading as="h1" size="xl" mb="2">
        There is nothing at this address
      </Heading>
      <Text mb="3">The household or unit may have been deleted, or the address was cut when it was copied.</Text>
      <Link asChild color="green" fontWeight="600">
        <NextLink href="/">To the desk</NextLink>
      </Link>
    </Box>
  )
}
