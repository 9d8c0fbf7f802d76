'use client'

import { Box, Button, Collapsible, Flex, HStack, Link, SimpleGrid, Text } from '@chakra-ui/react'
import { ChevronDown } from 'lucide-react'
import NextLink from 'next/link'
import { useState, type ReactNode } from 'react'
import type { Asked } from '@hitchet/core/match/asked'
import type { Flexibility } from '@hitchet/core/match/match'
import { listedPhrases, type Phrase } from '@hitchet/core/quantity/phrase'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { Figure, Said } from '../../look/measures'
import { Caution } from '../Caution'
import { StockTag } from '../StockTag'
import { AnswerLine, Reasons } from '../Verdict'
import { ChooseUnit } from './Choosing'

interface MatchRowProps {
  stock: string
  name: string
  /** Its own page, seen through this household. */
  href: string
  layout: string
  price?: number
  says: Phrase
  /** The small changes that would let it in. */
  nearly?: readonly Phrase[]
  asked: Asked[]
  flexibility?: Flexibility
  strip: ReactNode
}

/** One unit: its strip, a sentence, a bar for each question, and every reason on demand. */
export function MatchRow({ stock, name, href, layout, price, says, nearly, asked, flexibility, strip }: MatchRowProps) {
  const [open, setOpen] = useState(false)
  return (
    <Box py="3" borderTopWidth="1px" borderColor="hair" mt="2" role="group" aria-label={`${stock} ${name}`}>
      <Flex gap="6" align="center" flexWrap={{ base: 'wrap', lg: 'nowrap' }}>
        <Box flex="none">{strip}</Box>
        <Box flex="1" minW="260px">
          <HStack gap="3">
            <StockTag stock={stock} />
            <Link asChild color="ink" fontWeight="700" fontSize="17px">
              <NextLink href={href} prefetch={false}>
                {name}
              </NextLink>
            </Link>
            <Text className="figure" fontWeight="600">
              {price === undefined ? 'no price yet' : <Figure value={price} unit="$" />}
            </Text>
          </HStack>
          <Text fontSize="14px" color="line">
            {layout}
          </Text>
          <Text mt="1" fontSize="14.5px" maxW="420px">
            <Said phrase={says} />
          </Text>
          {nearly && (
            <Text mt="1" fontSize="14.5px" maxW="420px" fontWeight="600">
              It would do if <Said phrase={listedPhrases(nearly)} />.
            </Text>
          )}
          {flexibility && (
            <Text
              mt="1"
              fontSize="14px"
              title="How well it can be lived in, 0 to 100: sleeping, ways, bath, kitchen and seats"
            >
              Living in it: <b className="figure">{flexibility.everyday}</b> every day,{' '}
              <b className="figure">{flexibility.withGuests}</b> with guests
            </Text>
          )}
          <HStack gap="4" mt="2">
            <ChooseUnit stock={stock} />
            <Button
              variant="ghost"
              size="xs"
              onClick={() => setOpen(!open)}
              aria-expanded={open}
              aria-controls={`why-${stock}`}
            >
              {open ? 'Hide the reasons' : 'All reasons'}{' '}
              <ChevronDown size={14} aria-hidden style={{ transform: open ? 'rotate(180deg)' : undefined }} />
            </Button>
          </HStack>
        </Box>
        <Box flex="none">
          {asked.map(({ id, short, answer }) => (
            <AnswerLine key={id} short={short} answer={answer} />
          ))}
        </Box>
      </Flex>
      <Collapsible.Root open={open} lazyMount>
        <Collapsible.Content id={`why-${stock}`}>
          <SimpleGrid columns={{ base: 1, lg: 2 }} gap="5" pt="3" fontSize="14px">
            {asked.map(({ id, asks, answer }) => (
              <Box key={id}>
                <Text fontWeight="600">{asks}</Text>
                <Reasons answer={answer} />
                {answer.cautions.map((caution) => (
                  <Box key={caution} mt="1.5">
                    <Caution>{CAUTIONS[caution]}</Caution>
                  </Box>
                ))}
              </Box>
            ))}
          </SimpleGrid>
        </Collapsible.Content>
      </Collapsible.Root>
    </Box>
  )
}
