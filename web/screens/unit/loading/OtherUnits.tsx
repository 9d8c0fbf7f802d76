'use client'

import { Box, Link, Text } from '@chakra-ui/react'
import NextLink from 'next/link'
import type { LimitMargin } from '@hitchet/core/questions/tow/limits'
import { formatQuantity, type MeasureSystem } from '@hitchet/core/quantity/format'
import { pounds } from '@hitchet/core/quantity/quantity'
import type { PulledUnit } from '../../../server/services/matching'
import { useMeasures } from '../../../look/measures'
import { unitAddress } from '../../unitAddress'
import { AskFirst } from '../AskFirst'

/** Units of the lot that they can pull instead, each against the limits that this one breaks: looked for when somebody asks. */
export function OtherUnits({
  stock,
  household,
  broken,
}: {
  stock: string
  household: string
  broken: readonly LimitMargin[]
}) {
  return (
    <AskFirst<PulledUnit[]> label="Other units they can pull" from={`/api/households/${household}/pulled/${stock}`}>
      {(units) => <Units units={units} household={household} broken={broken} />}
    </AskFirst>
  )
}

function Units({
  units,
  household,
  broken,
}: {
  units: PulledUnit[]
  household: string
  broken: readonly LimitMargin[]
}) {
  const system = useMeasures()
  if (units.length === 0)
    return (
      <Text fontSize="14.5px" pt="2">
        Nothing on the lot is light enough for this vehicle and this load.
      </Text>
    )
  return (
    <Box as="section" aria-label="Other units they can pull" pt="2">
      <Text fontWeight="600" fontSize="14.5px">
        Other units they can pull
      </Text>
      <Box as="ul" listStyleType="none" fontSize="14.5px">
        {units.map(({ stock: other, name, open, margins }) => (
          <li key={other}>
            <Link asChild fontWeight="600">
              <NextLink href={unitAddress(other, household)}>
                {other} {name}
              </NextLink>
            </Link>
            <Text as="span" className="figure" color="line">
              {broken.map(({ name: limit, margin }) => {
                const there = margins.find((one) => one.name === limit)
                return `; ${limit}: ${said(margin!.value, system)} → ${
                  there?.margin ? said(there.margin.value, system) : 'Measure'
                }`
              })}
              {open && '; something is still to be read'}
            </Text>
          </li>
        ))}
      </Box>
    </Box>
  )
}

function said(value: number, system: MeasureSystem): string {
  const weight = formatQuantity(pounds(Math.abs(Math.round(value))), system)
  return value < 0 ? `${weight} over` : `${weight} to spare`
}
