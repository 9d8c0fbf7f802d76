'use client'

import { Button, Flex, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { Fragment, useState } from 'react'
import { phraseText, type Phrase } from '@hitchet/core/quantity/phrase'
import { Figure, Said } from '../../look/measures'

/** Another unit of the same plan: what tells it apart. */
export interface SameUnit {
  stock: string
  href: string
  price?: number
  differs: Phrase[]
}

/** So many letters stand on one line beside a strip. */
const LINE = 74

/** A chip for each unit of the same plan, as many as stand on a line; the others on demand. */
export function SamePlan({ units }: { units: SameUnit[] }) {
  const [all, setAll] = useState(false)
  if (units.length === 0) return null
  const shown = all ? units : units.slice(0, Math.max(1, onOneLine(units)))
  const more = units.length - shown.length
  return (
    <Flex gap="2" rowGap="1" wrap="wrap" align="center" fontSize="13px">
      <Text color="line">Same plan:</Text>
      {shown.map(({ stock, href, price, differs }) => (
        <Link
          asChild
          key={stock}
          color="ink"
          borderWidth="1px"
          borderColor="line"
          borderRadius="4px"
          px="1.5"
          minH="24px"
        >
          <NextLink href={href} prefetch={false}>
            <b className="figure">{stock}</b> {price !== undefined && <Figure value={price} unit="$" />}
            {differs.map((one, i) => (
              <Fragment key={i}>
                {i === 0 ? ': ' : ', '}
                <Said phrase={one} />
              </Fragment>
            ))}
          </NextLink>
        </Link>
      ))}
      {more > 0 && (
        <Button variant="ghost" size="xs" px="1" minH="24px" h="24px" onClick={() => setAll(true)}>
          and {more} more
        </Button>
      )}
    </Flex>
  )
}

/** How many chips stand on one line: stock number, price and what differs, with the gaps between. */
function onOneLine(units: readonly SameUnit[]): number {
  let letters = 0
  const over = units.findIndex(({ stock, differs }) => {
    letters += stock.length + 10 + differs.reduce((sum, one) => sum + phraseText(one).length + 2, 0)
    return letters > LINE
  })
  return over < 0 ? units.length : over
}
