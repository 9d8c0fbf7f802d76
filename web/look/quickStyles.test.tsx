import { Box, Button, chakra, ChakraProvider, Grid, Heading, HStack, Input, Link, Text } from '@chakra-ui/react'
import { renderToStaticMarkup } from 'react-dom/server'
import { describe, expect, it } from 'vitest'
import { quick } from './quickStyles'
import { system } from './theme'

const Card = chakra('section', { base: { p: '3' }, variants: { tone: { calm: { bg: 'bar' }, loud: { bg: 'no' } } } })
const Louder = chakra(Card, { base: { m: '2' } })

/** Elements of many a recipe, some of them dressed twice in other ways. */
const Page = () => (
  <Box as="main" p={{ base: 2, md: 6 }} _hover={{ color: 'green' }} css={{ '& b': { fontWeight: 700 } }}>
    <Heading size="md">One</Heading>
    <HStack gap="3" flexWrap="wrap">
      <Button size="sm" variant="outline">
        Two
      </Button>
      <Button size="sm" variant="solid" colorPalette="gray" mt="1">
        Three
      </Button>
      <Button>Four</Button>
    </HStack>
    <Grid templateColumns="1fr 2fr">
      <Text fontSize="14px" color="line">
        Five
      </Text>
      <Text color="line" fontSize="14px">
        Six
      </Text>
      <Text>Seven</Text>
    </Grid>
    <Card tone="calm" />
    <Card tone="loud" p="9" />
    <Louder tone="calm" />
    <Input placeholder="Eight" />
    <Link asChild>
      <a href="/">Nine</a>
    </Link>
  </Box>
)

const drawn = (value: typeof system) =>
  renderToStaticMarkup(
    <ChakraProvider value={{ ...value, _global: {} } as never}>
      <Page />
    </ChakraProvider>,
  )

describe('a system that remembers more', () => {
  it('dresses every element as the one it is made of does, the first time and ever after', () => {
    const remembers = quick(system)
    const plain = drawn(system)
    expect(plain).toContain('padding')
    for (let time = 0; time < 3; time++) expect(drawn(remembers)).toBe(plain)
  })
})
