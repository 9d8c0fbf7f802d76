'use client'

import { Box, Flex } from '@chakra-ui/react'
import type { CardFigure } from '@hitchet/core/match/told/unitCard'
import { Figure } from '../../look/measures'

const FROM: Record<NonNullable<CardFigure['source']>, string> = {
  label: 'label',
  measured: 'measured',
  sheet: 'sheet',
  told: 'hearsay',
  reckoned: 'reckoned',
}

/** The figures that everybody asks for, always in sight, each with where it comes from: nobody quotes from memory. */
export function UnitCard({
  figures,
  sleeps,
  children,
}: {
  figures: CardFigure[]
  sleeps: string
  children: React.ReactNode
}) {
  return (
    <Flex
      gap="5"
      align="center"
      justify="space-between"
      flexWrap={{ base: 'wrap', lg: 'nowrap' }}
      position="sticky"
      top="58px"
      zIndex="6"
      bg="paper"
      borderBottomWidth="1px"
      borderColor="hair"
      py="1"
      mb="2"
    >
      <Flex
        as="dl"
        tabIndex={0}
        aria-label="Figures of this unit"
        className="card-figures"
        gap="5"
        rowGap="0"
        maxW="100%"
        flexWrap={{ base: 'nowrap', lg: 'wrap' }}
        overflowX={{ base: 'auto', lg: 'visible' }}
      >
        {figures.map(({ label, value, unit, long, source }) => (
          <Item key={label} label={label} from={value === undefined || !source ? undefined : FROM[source]}>
            <Figure value={value} unit={unit} long={long} />
          </Item>
        ))}
        <Item label="Sleeps">{sleeps}</Item>
      </Flex>
      <Box flex="none">{children}</Box>
    </Flex>
  )
}

function Item({ label, from, children }: { label: string; from?: string; children: React.ReactNode }) {
  return (
    <div>
      <dt>
        {label}
        {from && `, ${from}`}
      </dt>
      <dd className="figure">{children}</dd>
    </div>
  )
}
