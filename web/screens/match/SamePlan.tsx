import { Flex, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import { Fragment } from 'react'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import { Figure, Said } from '../../look/measures'

/** Another unit of the same plan: what tells it apart. */
export interface SameUnit {
  stock: string
  href: string
  price?: number
  differs: Phrase[]
}

/** A chip for each unit of the same plan. */
export function SamePlan({ units }: { units: SameUnit[] }) {
  if (units.length === 0) return null
  return (
    <Flex gap="2" rowGap="1" wrap="wrap" align="center" fontSize="13px">
      <Text color="line">Same plan:</Text>
      {units.map(({ stock, href, price, differs }) => (
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
    </Flex>
  )
}
