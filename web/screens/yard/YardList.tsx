'use client'

import { Box, Button, Flex, HStack, Input, InputGroup, Link, NativeSelect, Text } from '@chakra-ui/react'
import { Search } from 'lucide-react'
import NextLink from 'next/link'
import { debounce, parseAsString, parseAsStringLiteral, useQueryState } from 'nuqs'
import { useEffect, useRef, useState, type ReactNode } from 'react'
import type { Standing } from '@hitchet/core/match/match'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { filterYard, parseFilter } from '@hitchet/core/yard/filter'
import { unitFeatures, type YardUnit } from '@hitchet/core/yard/unit'
import type { Plan } from '@hitchet/core/plan/plan'
import type { Frame } from '../../drawing/frame'
import { PlanStrip } from '../../drawing/PlanStrip'
import { Ruler } from '../../drawing/Ruler'
import { Figure, Said, useMeasures } from '../../look/measures'
import { Shortcuts } from '../shell/Shortcuts'
import { useKeys } from '../shell/useKeys'
import { YARD_SCALE } from './scale'
import { StockTag } from '../StockTag'
import { StandingWord } from '../Verdict'

export interface YardRow {
  unit: YardUnit
  plan: Plan
  /** The drawing in words. */
  text: string
  standing?: Standing
  says?: Phrase
}

const ORDERS = {
  order: 'As listed',
  length: 'Shortest first',
  weight: 'Lightest first',
  price: 'Cheapest first',
} as const
type Order = keyof typeof ORDERS

/** So many strips are drawn before one scrolls. */
const FIRST = 10

/**
 * The address follows once typing pauses, milliseconds: letter by letter the router now and then puts an older
 * address back.
 */
const PAUSE = 250

/**
 * The stack of strips, narrowed by typing. What was typed stands in the address. `under`: where the page of a
 * unit is found.
 */
export function YardList({ rows, frame, under }: { rows: YardRow[]; frame: Frame; under: string }) {
  const [text, setText] = useQueryState(
    'q',
    parseAsString.withDefault('').withOptions({ clearOnDefault: true, limitUrlUpdates: debounce(PAUSE) }),
  )
  const [order, setOrder] = useQueryState(
    'order',
    parseAsStringLiteral(Object.keys(ORDERS) as Order[]).withDefault('order'),
  )
  const field = useRef<HTMLInputElement>(null)
  const system = useMeasures()
  useKeys({ '/': () => field.current?.focus() })
  const [shownRows, setShownRows] = useState(FIRST)
  const more = useRef<HTMLButtonElement>(null)
  const terms = parseFilter(text)
  const { shown, unsure, strange } = filterYard(
    rows.map(({ unit }) => unit),
    terms,
  )
  const wanted = new Set(shown.map(({ stock }) => stock))
  const listed = sorted(
    rows.filter(({ unit }) => wanted.has(unit.stock)),
    order,
  )
  // Whoever scrolls to the end of what is drawn gets the next ones; the button is for those who do not scroll.
  useEffect(() => {
    if (!more.current) return
    const seen = new IntersectionObserver(([entry]) => entry?.isIntersecting && setShownRows((now) => now + FIRST), {
      rootMargin: '400px',
    })
    seen.observe(more.current)
    return () => seen.disconnect()
  }, [shownRows, listed.length])
  return (
    <>
      <Flex gap="3" align="center" pb="2" flexWrap="wrap">
        <InputGroup startElement={<Search size={16} aria-hidden />} maxW="430px" minW="280px" flex="1">
          <Input
            ref={field}
            aria-label="Narrow the yard"
            placeholder="bunks under 26 ft 2 doors"
            value={text}
            onChange={(event) => void setText(event.target.value || null)}
          />
        </InputGroup>
        <NativeSelect.Root size="sm" w="170px">
          <NativeSelect.Field
            aria-label="Order"
            value={order}
            onChange={(event) => void setOrder(event.target.value as Order)}
            bg="bar"
            borderColor="line"
          >
            {Object.entries(ORDERS).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <HStack gap="2" flexWrap="wrap" aria-live="polite">
          <Text fontWeight="600">
            {listed.length} of {rows.length}
          </Text>
          {terms
            .filter(({ word }) => word === undefined || !strange.includes(word))
            .map(({ says }, i) => (
              <Box key={i} borderWidth="1px" borderColor="line" borderRadius="4px" px="2" fontSize="13.5px" bg="bar">
                <Said phrase={says} />
              </Box>
            ))}
          {strange.length > 0 && (
            <Text fontSize="13.5px" color="no">
              Not understood: {strange.map((word) => `“${word}”`).join(', ')}
            </Text>
          )}
          {unsure.size > 0 && <Text fontSize="13.5px">{unsure.size} shown because a reading is missing</Text>}
        </HStack>
        <Box ml="auto">
          <Shortcuts keys={{ '/': 'Type what you look for' }} />
        </Box>
      </Flex>
      <Box position="sticky" top="62px" zIndex="5" bg="paper" borderBottomWidth="1px" borderColor="hair" pt="1">
        <Ruler frame={frame} scale={YARD_SCALE} system={system} />
      </Box>
      {listed.length === 0 && <NothingLeft />}
      <Box as="ul" listStyleType="none">
        {listed.slice(0, shownRows).map((row) => (
          <Row key={row.unit.stock} row={row} under={under} unsure={unsure.has(row.unit.stock)} frame={frame} />
        ))}
      </Box>
      {listed.length > shownRows && (
        <Button ref={more} variant="outline" size="sm" my="4" onClick={() => setShownRows(shownRows + FIRST)}>
          Show {Math.min(FIRST, listed.length - shownRows)} more
        </Button>
      )}
    </>
  )
}

function Row({
  row: { unit, plan, text, standing, says },
  under,
  unsure,
  frame,
}: {
  row: YardRow
  under: string
  unsure: boolean
  frame: Frame
}) {
  const system = useMeasures()
  return (
    <Flex
      as="li"
      gap="6"
      py="2"
      flexWrap={{ base: 'wrap', lg: 'nowrap' }}
      borderBottomWidth="1px"
      borderColor="hair"
      align="center"
      css={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 150px' }}
    >
      <Box w={`${(frame.before + frame.after) * YARD_SCALE}px`} maxW="100%" flex="none">
        <PlanStrip plan={plan} time="parked" frame={frame} scale={YARD_SCALE} text={text} system={system} />
      </Box>
      <Box flex="1" minW="260px">
        <HStack gap="3" mb="1">
          <StockTag stock={unit.stock} />
          <Link asChild color="ink" fontWeight="700" fontSize="17px">
            <NextLink href={`${under}/${unit.stock}`} prefetch={false}>
              {unit.name}
            </NextLink>
          </Link>
          <Text color="line" fontSize="14px">
            {unit.layout}, {unit.year} {unit.condition}
          </Text>
        </HStack>
        <HStack as="dl" gap="6" rowGap="1" className="figure" align="start" flexWrap="wrap">
          <Fact name="Overall">
            <Figure value={unit.length} unit="in" long />
          </Fact>
          <Fact name="UVW">
            <Figure value={unit.uvw} unit="lb" />
          </Fact>
          <Fact name="GVWR">
            <Figure value={unit.gvwr} unit="lb" />
          </Fact>
          <Fact name="Slides">{unit.slides === 0 ? 'none' : unit.slides}</Fact>
          <Fact name="Sheet says">{unit.sleeps === undefined ? 'Measure' : `sleeps ${unit.sleeps}`}</Fact>
          <Fact name="Asking">
            {unit.price === undefined ? 'no price yet' : <Figure value={unit.price} unit="$" />}
          </Fact>
        </HStack>
        {unsure && (
          <Text fontSize="13.5px" color="measure" mt="1">
            A reading that your words ask for is missing on this one.
          </Text>
        )}
        {standing && (
          <Flex gap="3" mt="1.5" align="baseline" maxW="620px">
            <StandingWord standing={standing} />
            <Text fontSize="14px">{says && <Said phrase={says} />}</Text>
          </Flex>
        )}
      </Box>
      <Text flex="none" w="220px" fontSize="14px" color="line" display={{ base: 'none', xl: 'block' }}>
        {unitFeatures(unit).join(', ')}
      </Text>
    </Flex>
  )
}

function Fact({ name, children }: { name: string; children: ReactNode }) {
  return (
    <Box>
      <Text as="dt" fontSize="12.5px" color="line" lineHeight="1.2">
        {name}
      </Text>
      <Text as="dd" fontWeight="600" fontSize="15.5px" whiteSpace="nowrap">
        {children}
      </Text>
    </Box>
  )
}

function NothingLeft() {
  return (
    <Box py="10" maxW="560px">
      <Text fontWeight="600">Nothing on the lot is all of that.</Text>
      <Text>
        Take a word away, or ask for less. Feet limit the overall length, pounds the dry weight, dollars the price:
        “under 26 ft”, “below 5,000 lb”, “up to 32k”.
      </Text>
    </Box>
  )
}

function sorted(rows: YardRow[], order: Order): YardRow[] {
  const key = { length: 'length', weight: 'uvw', price: 'price' } as const
  if (order === 'order') return rows
  return [...rows].sort((a, b) => (a.unit[key[order]] ?? Infinity) - (b.unit[key[order]] ?? Infinity))
}
