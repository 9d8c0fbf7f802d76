'use client'

import { Box, Button, Flex, Text } from '@chakra-ui/react'
import { Printer, Square, SquareCheck } from 'lucide-react'
import NextLink from 'next/link'
import type { HandoverCard, HandoverStep } from '@hitchet/core/handover/card'
import type { WalkNote } from '@hitchet/core/walk/event'
import { Said } from '../../look/measures'
import { useNotes } from '../../offline/Notes'
import { PageHead } from '../PageHead'
import { StockTag } from '../StockTag'
import { useDone } from '../walk/useDone'

/** The cards of a hand-over, step by step; what was gone through is ticked, and the sheet they take home is this page. */
export function HandOverCards({
  stock,
  name,
  household,
  consultant,
  unit,
  cards,
  taken,
}: {
  stock: string
  name: string
  household: { id: string; name: string }
  consultant: string
  /** Where the unit’s own page is. */
  unit: string
  cards: HandoverCard[]
  taken: WalkNote[]
}) {
  const { handed } = useDone(stock, household.id, taken)
  const steps = cards.flatMap((card) => card.steps)
  const done = steps.filter(({ id }) => handed.has(id)).length
  return (
    <>
      <PageHead
        title={`Handing over ${name}`}
        line={
          <>
            <StockTag stock={stock} /> to {household.name}; {done} of {steps.length} gone through
          </>
        }
      >
        <Button asChild variant="outline" minH="44px" className="no-print">
          <NextLink href={unit}>Unit</NextLink>
        </Button>
        <Button minH="44px" className="no-print" onClick={() => window.print()}>
          <Printer aria-hidden size={18} /> Print their sheet
        </Button>
      </PageHead>
      <Box css={{ columns: '380px 3', columnGap: '24px', '@media print': { columns: '2', fontSize: '10pt' } }}>
        {cards.map((card) => (
          <Box
            as="section"
            key={card.id}
            aria-labelledby={`card-${card.id}`}
            mb="5"
            css={{ breakInside: card.steps.length > 9 ? 'auto' : 'avoid', '@media print': { marginBottom: '10px' } }}
          >
            <Flex align="baseline" gap="2" borderBottomWidth="2px" borderColor="ink" pb="1">
              <Text as="h2" id={`card-${card.id}`} fontWeight="700" fontSize="17px" flex="1">
                {card.title}
              </Text>
              <Text as="span" className="figure" color="line" fontSize="14px">
                {card.steps.filter(({ id }) => handed.has(id)).length}/{card.steps.length}
              </Text>
            </Flex>
            <Box as="ol" listStyleType="none">
              {card.steps.map((step) => (
                <Step
                  key={step.id}
                  stock={stock}
                  household={household.id}
                  card={card.title}
                  step={step}
                  done={handed.has(step.id)}
                />
              ))}
            </Box>
            {card.defers && (
              <Text fontSize="13.5px" color="line" mt="1">
                {card.defers}
              </Text>
            )}
          </Box>
        ))}
      </Box>
      <Text display="none" css={{ '@media print': { display: 'block', marginTop: '8px' } }} fontSize="9.5pt">
        {name}, {stock}, for {household.name}. Gone through with {consultant}. Common practice, drawn from what this
        unit has: its labels, the makers’ manuals, local codes and licensed technicians decide.
      </Text>
    </>
  )
}

/** A tap ticks it, another takes the tick away: both are kept. */
function Step({
  stock,
  household,
  card,
  step: { id, says, toRead },
  done,
}: {
  stock: string
  household: string
  card: string
  step: HandoverStep
  done: boolean
}) {
  const { note } = useNotes()
  const Mark = done ? SquareCheck : Square
  return (
    <Box as="li" borderBottomWidth="1px" borderColor="hair" css={{ breakInside: 'avoid' }}>
      <button
        type="button"
        role="checkbox"
        aria-checked={done}
        onClick={() => void note({ stock, household, about: card }, { kind: 'handed', step: id, done: !done })}
        className="tick"
      >
        <Mark aria-hidden size={22} style={{ flex: 'none', marginTop: '1px' }} />
        <Text as="span" fontSize="15.5px" lineHeight="1.35" color={toRead ? 'measure' : undefined}>
          {toRead && <b>Read: </b>}
          <Said phrase={says} />
        </Text>
      </button>
    </Box>
  )
}
