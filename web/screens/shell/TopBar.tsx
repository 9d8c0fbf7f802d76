'use client'

import { Box, Flex, HStack, Link as ChakraLink, Text } from '@chakra-ui/react'
import { X } from 'lucide-react'
import NextLink from 'next/link'
import { usePathname } from 'next/navigation'
import type { PersonToken as Token } from '@hitchet/core/household/tokens'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { PersonToken } from '../../drawing/PersonToken'
import { Said } from '../../look/measures'
import { Waiting } from '../../offline/Waiting'
import { closedAddress } from '../unitAddress'
import { AccountMenu } from './AccountMenu'
import type { Sees } from './sees'

export type Place = 'desk' | 'yard' | 'household' | 'match' | 'compare' | 'after' | 'office' | 'own'

export interface OpenHousehold {
  id: string
  name: string
  summary: Phrase
  tokens: Token[]
}

interface TopBarProps {
  account: { name: string; role: string }
  sees: Sees
  open?: OpenHousehold
  place: Place
}

/** Where one is, and through whose eyes: the open household stays in sight on every screen. */
export function TopBar({ account, sees, open, place }: TopBarProps) {
  return (
    <Flex
      as="header"
      position="sticky"
      top="0"
      zIndex="20"
      bg="bar"
      borderBottomWidth="2px"
      borderColor="ink"
      px={{ base: 3, md: 6 }}
      minH="60px"
      align="center"
      gap="4"
      flexWrap={{ base: 'wrap', lg: 'nowrap' }}
    >
      <ChakraLink href="#content" position="absolute" left="-9999px" _focus={{ left: 4, top: 2 }} bg="bar" px="2">
        Skip to the page
      </ChakraLink>
      <ChakraLink asChild color="ink" fontWeight="700" fontSize="xl" _hover={{ textDecoration: 'none' }}>
        <NextLink href="/">
          <Mark /> Hitchet
        </NextLink>
      </ChakraLink>
      <Box alignSelf="stretch" w="1px" bg="hair" my="2" display={{ base: 'none', md: 'block' }} />
      <Box flex="1" minW="0">
        {open ? (
          <Flex align="center" gap="1" minW="0">
            <Household open={open} />
            <Close name={open.name} />
          </Flex>
        ) : (
          <Text color="line" fontSize="sm" hideBelow="md">
            {sees.families ? 'No household open: units are shown as they are.' : 'Units as they are.'}
          </Text>
        )}
      </Box>
      <HStack as="nav" aria-label="Places" gap="1" flexWrap="wrap">
        {placesFor(open, sees).map(({ name, at, href }) => (
          <ChakraLink
            key={at}
            asChild
            px="3"
            py="1.5"
            borderRadius="6px"
            fontWeight="600"
            color={at === place ? 'bar' : 'ink'}
            bg={at === place ? 'ink' : undefined}
            _hover={{ bg: at === place ? 'ink' : 'sunk', textDecoration: 'none' }}
            aria-current={at === place ? 'page' : undefined}
          >
            <NextLink href={href}>{name}</NextLink>
          </ChakraLink>
        ))}
        <Waiting />
        <AccountMenu account={account} sees={sees} />
      </HStack>
    </Flex>
  )
}

function Household({ open }: { open: OpenHousehold }) {
  return (
    <ChakraLink
      asChild
      color="ink"
      _hover={{ textDecoration: 'none' }}
      display="flex"
      gap="3"
      alignItems="center"
      minW="0"
    >
      <NextLink href={`/households/${open.id}`}>
        <HStack gap="-1.5" flex="none">
          {open.tokens.map((token) => (
            <Box key={token.id} ml="-1.5" _first={{ ml: 0 }} lineHeight="0">
              <PersonToken token={token} />
            </Box>
          ))}
        </HStack>
        <Box minW="0">
          <Text fontWeight="600" lineHeight="1.2" truncate>
            {open.name}
          </Text>
          <Text fontSize="13px" color="line" lineHeight="1.3" truncate>
            <Said phrase={open.summary} />
          </Text>
        </Box>
      </NextLink>
    </ChakraLink>
  )
}

/** Closes the household: the page stays, seen through nobody’s eyes. */
function Close({ name }: { name: string }) {
  const path = usePathname()
  return (
    <ChakraLink asChild color="line" flex="none" p="1.5">
      <NextLink href={closedAddress(path)} prefetch={false} aria-label={`Close ${name}`}>
        <X size={16} aria-hidden />
      </NextLink>
    </ChakraLink>
  )
}

/** Match and Compare are asked on behalf of a household; without one they are not offered. */
function placesFor(open: OpenHousehold | undefined, sees: Sees): { name: string; at: Place; href: string }[] {
  const desk = { name: 'Desk', at: 'desk', href: '/' } as const
  if (!sees.families) return [{ name: 'Yard', at: 'yard', href: '/yard' }]
  const office = sees.office ? [{ name: 'Office', at: 'office', href: '/office' } as const] : []
  if (!open) return [desk, { name: 'Yard', at: 'yard', href: '/yard' }, ...office]
  const under = `/households/${open.id}`
  return [
    desk,
    { name: 'Household', at: 'household', href: under },
    { name: 'Yard', at: 'yard', href: `${under}/yard` },
    { name: 'Match', at: 'match', href: `${under}/match` },
    { name: 'Compare', at: 'compare', href: `${under}/compare` },
    { name: 'Afterwards', at: 'after', href: `${under}/after` },
  ]
}

/** A coupler from above: ring and two rails. */
function Mark() {
  return (
    <svg
      width="26"
      height="20"
      viewBox="0 0 26 20"
      aria-hidden
      focusable="false"
      style={{ display: 'inline-block', verticalAlign: '-3px' }}
    >
      <g fill="none" stroke="var(--h-colors-green)" strokeWidth="2.4" strokeLinecap="round">
        <circle cx="5" cy="10" r="3.2" />
        <path d="M8 10 24 3M8 10l16 7" />
      </g>
    </svg>
  )
}
