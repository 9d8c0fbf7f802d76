'use client'

import { Box, Button, Flex, HStack, Input, InputGroup, NativeSelect, Text } from '@chakra-ui/react'
import { Search } from 'lucide-react'
import NextLink from 'next/link'
import { debounce, parseAsString, parseAsStringLiteral, useQueryState } from 'nuqs'
import { useEffect, useRef, type ReactNode } from 'react'
import { unitFeatures } from '@hitchet/core/yard/unitFeatures'
import type { Frame } from '../../drawing/frame'
import { Ruler } from '../../drawing/Ruler'
import { Figure, Said, useMeasures } from '../../look/measures'
import { STRIP_LOOKS } from '../../contracts/stripLooks'
import type { YardOrder, YardPage, YardRow } from '../../server/services/yardList'
import { Shortcuts } from '../shell/Shortcuts'
import { useKeys } from '../shell/useKeys'
import { NotFigured } from '../NotFigured'
import { StillReckoning } from '../StillReckoning'
import { StockTag } from '../StockTag'
import { StripPicture } from '../StripPicture'
import { unitAddress } from '../unitAddress'
import { StandingWord } from '../Verdict'
import { useYardPages } from './useYardPages'

const ORDERS: Record<YardOrder, string> = {
  order: 'As listed',
  length: 'Shortest first',
  weight: 'Lightest first',
  price: 'Cheapest first',
}

/**
 * The address follows once typing pauses, milliseconds: letter by letter the router now and then puts an older
 * address back.
 */
const PAUSE = 250

/** The stack of strips, narrowed by typing on the server. What was typed stands in the address. */
export function YardList({
  first,
  frame,
  household,
}: {
  /** As the page came: what was looked for, and what was found. */
  first: { text: string; order: YardOrder; page: YardPage }
  frame: Frame
  /** Whose yard it is. */
  household?: string
}) {
  const [text, setText] = useQueryState(
    'q',
    parseAsString.withDefault('').withOptions({ clearOnDefault: true, limitUrlUpdates: debounce(PAUSE) }),
  )
  const [order, setOrder] = useQueryState(
    'order',
    parseAsStringLiteral(Object.keys(ORDERS) as YardOrder[]).withDefault('order'),
  )
  const field = useRef<HTMLInputElement>(null)
  const system = useMeasures()
  useKeys({ '/': () => field.current?.focus() })
  // The browser's own search sees the rows that are drawn; ours sees them all. Asked twice, it is the browser's turn.
  useEffect(() => {
    const find = (event: KeyboardEvent) => {
      if (event.key !== 'f' || !(event.ctrlKey || event.metaKey) || document.activeElement === field.current) return
      event.preventDefault()
      field.current?.focus()
      field.current?.select()
    }
    addEventListener('keydown', find)
    return () => removeEventListener('keydown', find)
  }, [])
  const { page, more, wrong } = useYardPages({ text, order, household }, first)
  const { rows, listed } = page
  const end = useRef<HTMLButtonElement>(null)
  // Whoever scrolls to the end of what is drawn gets the next ones; the button is for those who do not scroll.
  useEffect(() => {
    if (!end.current) return
    const seen = new IntersectionObserver(([entry]) => entry?.isIntersecting && more(), { rootMargin: '400px' })
    seen.observe(end.current)
    return () => seen.disconnect()
  }, [more, rows.length])
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
        <NativeSelect.Root size="sm" w="170px" disabled={page.ordered}>
          <NativeSelect.Field
            aria-label="Order"
            value={page.ordered ? 'words' : order}
            onChange={(event) => void setOrder(event.target.value as YardOrder)}
            bg="bar"
            borderColor="line"
          >
            {page.ordered && <option value="words">As your words ask</option>}
            {Object.entries(ORDERS).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <Found page={page} wrong={wrong} />
        <Box ml="auto">
          <Shortcuts keys={{ '/': 'Type what you look for', 'Ctrl F': 'The same' }} />
        </Box>
      </Flex>
      <Box position="sticky" top="62px" zIndex="5" bg="paper" borderBottomWidth="1px" borderColor="hair" pt="1">
        <Ruler frame={frame} scale={STRIP_LOOKS.yard.scale} system={system} />
      </Box>
      {page.open > 0 && (
        <StillReckoning>
          {page.open === 1 ? 'One unit is' : `${page.open} units are`} still being worked out.
        </StillReckoning>
      )}
      <NotFigured stocks={page.failed} />
      {listed === 0 && page.open === 0 && (page.all === 0 ? <EmptyYard /> : <NothingLeft />)}
      <Box as="ul" listStyleType="none">
        {rows.map((row) => (
          <Row key={row.unit.stock} row={row} household={household} frame={frame} />
        ))}
      </Box>
      {listed > rows.length && (
        <Button ref={end} variant="outline" size="sm" my="4" onClick={more}>
          Show more of {listed}
        </Button>
      )}
    </>
  )
}

/** How many are listed, and how what was typed is read. */
function Found({ page: { listed, all, terms, strange, read, unsure }, wrong }: { page: YardPage; wrong?: string }) {
  return (
    <HStack gap="2" flexWrap="wrap" aria-live="polite">
      <Text fontWeight="600">
        {listed} of {all}
      </Text>
      {terms.map((says, i) => (
        <Box key={i} borderWidth="1px" borderColor="line" borderRadius="4px" px="2" fontSize="13.5px" bg="bar">
          <Said phrase={says} />
        </Box>
      ))}
      {strange.length > 0 && (
        <Text fontSize="13.5px">
          {read.map(({ words, strange: isStrange }, i) =>
            isStrange ? (
              <Text as="u" key={i} color="no" textDecorationStyle="wavy">
                {words}
              </Text>
            ) : (
              words
            ),
          )}
          : nothing here is called {strange.map((word) => `“${word}”`).join(', ')}, so nothing is left out for it
        </Text>
      )}
      {unsure > 0 && (
        <Text fontSize="13.5px">
          {listed - unsure} {listed - unsure === 1 ? 'matches' : 'match'}, {unsure} not drawn or not read yet
        </Text>
      )}
      {wrong && (
        <Text fontSize="13.5px" color="no" role="alert">
          {wrong}
        </Text>
      )}
    </HStack>
  )
}

function Row({
  row: { unit, picture, text, unsure, standing, says },
  household,
  frame,
}: {
  row: YardRow
  household?: string
  frame: Frame
}) {
  const system = useMeasures()
  return (
    <li className="yard-row">
      <StripPicture unit={picture} look="yard" frame={frame} text={text[system]} />
      <div className="told">
        <div className="named">
          <StockTag stock={unit.stock} />
          <NextLink className="plain-link" href={unitAddress(unit.stock, household)} prefetch={false}>
            {unit.name}
          </NextLink>
          <span className="quiet">
            {unit.layout}, {unit.year} {unit.condition}
          </span>
        </div>
        <dl className="figure">
          <Fact name="Overall">
            <Figure value={unit.length} unit="in" long />
          </Fact>
          <Fact name="UVW">
            <Figure value={unit.uvw} unit="lb" />
          </Fact>
          <Fact name="GVWR">
            <Figure value={unit.gvwr} unit="lb" />
          </Fact>
          <Fact name="Slides">
            {unit.slides === undefined ? 'not drawn yet' : unit.slides === 0 ? 'none' : unit.slides}
          </Fact>
          <Fact name="Sheet says">{unit.sleeps === undefined ? 'Measure' : `sleeps ${unit.sleeps}`}</Fact>
          <Fact name="Asking">
            {unit.price === undefined ? 'no price yet' : <Figure value={unit.price} unit="$" />}
          </Fact>
        </dl>
        {unsure && <p className="is-measure">A reading that your words ask for is missing on this one.</p>}
        {standing && (
          <div className="stands">
            <StandingWord standing={standing} />
            <span>{says && <Said phrase={says} />}</span>
          </div>
        )}
      </div>
      <span className="quiet has">{unitFeatures(unit).join(', ')}</span>
    </li>
  )
}

const Fact = ({ name, children }: { name: string; children: ReactNode }) => (
  <div>
    <dt>{name}</dt>
    <dd>{children}</dd>
  </div>
)

function EmptyYard() {
  return (
    <Box py="10" maxW="560px">
      <Text fontWeight="600">The yard is empty.</Text>
      <Text>Take a unit in and draw it, or bring in files that another Hitchet wrote.</Text>
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
