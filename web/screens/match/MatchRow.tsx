'use client'

import { Box, Button, Collapsible, Flex, Link, SimpleGrid, Text } from '@chakra-ui/react'
import { ChevronDown } from 'lucide-react'
import NextLink from 'next/link'
import { useState, type ReactNode } from 'react'
import type { Asked } from '@hitchet/core/match/asked'
import type { Flexibility } from '@hitchet/core/match/match'
import type { Pitch } from '@hitchet/core/match/pitch'
import { listedPhrases, type Phrase } from '@hitchet/core/quantity/phrase'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import { Figure, Said } from '../../look/measures'
import { Caution } from '../Caution'
import { StockTag } from '../StockTag'
import { AnswerLine, Reasons } from '../Verdict'
import type { Choice } from '../../server/db/walkEvents'
import { ChooseUnit } from './Choosing'
import { SamePlan, type SameUnit } from './SamePlan'
import { WhyOver, type Why } from './WhyOver'

interface MatchRowProps {
  stock: string
  name: string
  /** Its own page, seen through this household. */
  href: string
  layout: string
  price?: number
  pitch: Pitch
  /** The small changes that would let it in. */
  nearly?: readonly Phrase[]
  /** The few bars that matter to these people, and the others. */
  asked: { first: Asked[]; rest: Asked[] }
  /** Others of its plan. */
  same: SameUnit[]
  /** To pin it, set it aside or note a word. */
  keeping?: ReactNode
  /** Where it stands with them beside what is reckoned. */
  choice?: Choice
  why?: Why
  flexibility?: Flexibility
  strip: ReactNode
}

/** One plan: its strip, what a consultant says of it, the bars that matter, and every reason on demand. */
export function MatchRow({
  stock,
  name,
  href,
  layout,
  price,
  pitch: { speaksFor, against, toFindOut },
  nearly,
  asked,
  same,
  keeping,
  choice,
  why,
  flexibility,
  strip,
}: MatchRowProps) {
  const [open, setOpen] = useState(false)
  return (
    <Box py="0.5" borderTopWidth="1px" borderColor="hair" role="group" aria-label={`${stock} ${name}`}>
      <Flex gap="4" align="center" flexWrap={{ base: 'wrap', lg: 'nowrap' }}>
        <Box flex="none">{strip}</Box>
        <Box flex="1" minW="260px" fontSize="13.5px" lineHeight="1.25">
          <Flex gap="2.5" rowGap="0" align="center" wrap="wrap">
            <StockTag stock={stock} />
            <Link asChild color="ink" fontWeight="700" fontSize="15px" whiteSpace="nowrap" minH="24px">
              <NextLink href={href} prefetch={false}>
                {name}
              </NextLink>
            </Link>
            <Text className="figure" fontWeight="600">
              {price === undefined ? 'no price yet' : <Figure value={price} unit="$" />}
            </Text>
            <Text color="line">{layout}</Text>
            <ChooseUnit stock={stock} />
            {keeping}
            <Button
              variant="ghost"
              size="xs"
              px="1"
              gap="0.5"
              onClick={() => setOpen(!open)}
              aria-expanded={open}
              aria-controls={`why-${stock}`}
            >
              {open ? 'Hide the reasons' : 'All reasons'}
              <ChevronDown size={14} aria-hidden style={{ transform: open ? 'rotate(180deg)' : undefined }} />
            </Button>
          </Flex>
          {speaksFor && <Line lead="For it" says={speaksFor} />}
          {against && <Line lead="Against" says={against} />}
          {toFindOut && <Line lead="Find out" says={toFindOut} />}
          {choice?.word && (
            <Text>
              <b>{choice.by ?? 'Noted'}</b>, {choice.on}: “{choice.word}”
            </Text>
          )}
          {nearly && (
            <Text fontWeight="600">
              It would do if <Said phrase={listedPhrases(nearly)} />.
            </Text>
          )}
          <SamePlan units={same} />
        </Box>
        <Box flex={{ base: '1 1 100%', lg: 'none' }} minW="0">
          {asked.first.map(({ id, short, answer }) => (
            <AnswerLine key={id} short={short} answer={answer} narrow />
          ))}
        </Box>
      </Flex>
      <Collapsible.Root open={open} lazyMount>
        <Collapsible.Content id={`why-${stock}`}>
          {flexibility && (
            <Text mt="1" fontSize="14px">
              How well it can be lived in, 0 to 100: <b className="figure">{flexibility.everyday}</b> every day,{' '}
              <b className="figure">{flexibility.withGuests}</b> with guests (sleeping, ways, bath, kitchen and seats)
            </Text>
          )}
          {why && <WhyOver {...why} />}
          <SimpleGrid columns={{ base: 1, lg: 2 }} gap="5" pt="3" fontSize="14px">
            {[...asked.first, ...asked.rest].map(({ id, asks, answer }) => (
              <Box key={id}>
                <Text fontWeight="600">{asks}</Text>
                <AnswerLine short="" answer={answer} />
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

function Line({ lead, says }: { lead: string; says: Phrase }) {
  return (
    <Text>
      <b>{lead}:</b> <Said phrase={says} />
    </Text>
  )
}
