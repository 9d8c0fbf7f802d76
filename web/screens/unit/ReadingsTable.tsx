'use client'

import { Box, HStack, Input, Table, Text } from '@chakra-ui/react'
import { parseAsBoolean, parseAsString, useQueryState } from 'nuqs'
import { useMemo, useState } from 'react'
import type { Feature } from '@hitchet/core/features/feature'
import { PLACES } from '@hitchet/core/features/feature'
import { best, type Reading, type ReadingSpec } from '@hitchet/core/readings/reading'
import { nameIn } from '@hitchet/core/trailer/readingName'
import { thingsOf } from '@hitchet/core/trailer/things'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { useArrivals } from '../../offline/useArrivals'
import { ReadingOrNot } from './ReadingOrNot'
import { TakeButton } from './TakeButton'
import { TakeReading } from './TakeReading'

interface Row {
  path: string
  /** The thing, or the place where it is seen. */
  of: string
  about: string
  spec: ReadingSpec
  readings?: Reading[]
  told: boolean
}

/** Every reading of the unit in one table: what there is with its source, what contradicts it, and what is missing. */
export function ReadingsTable({ trailer }: { trailer: Trailer }) {
  useArrivals()
  const rows = useMemo(() => rowsOf(trailer), [trailer])
  const [missing, setMissing] = useQueryState('missing', parseAsBoolean.withDefault(false))
  const [typed, setTyped] = useQueryState('find', parseAsString.withDefault(''))
  const [taking, setTaking] = useState<string>()
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean)
  const shown = rows.filter(
    ({ of, spec, readings }) =>
      (!missing || !best(readings)) && words.every((word) => `${of} ${spec.label}`.toLowerCase().includes(word)),
  )
  const open = rows.filter(({ readings }) => !best(readings)).length
  return (
    <Box as="section" aria-label="All readings" mt="2">
      <HStack gap="4" flexWrap="wrap" mb="2" className="no-print">
        <Input
          size="sm"
          w="240px"
          aria-label="Find a reading"
          placeholder="tank, mattress, awning …"
          value={typed}
          onChange={({ target }) => void setTyped(target.value || null)}
        />
        <label className="choice">
          <input type="checkbox" checked={missing} onChange={({ target }) => void setMissing(target.checked)} /> Missing
          only
        </label>
        <Text role="status" fontSize="14px" color="line">
          {shown.length} of {rows.length}; {open} not read yet
        </Text>
      </HStack>
      <Box overflowX="auto">
        <Table.Root
          size="sm"
          css={{ '& td, & th': { borderColor: 'hair', color: 'ink', py: '1', verticalAlign: 'top' } }}
        >
          <Table.Header>
            <Table.Row bg="transparent">
              <Table.ColumnHeader w="190px">Of</Table.ColumnHeader>
              <Table.ColumnHeader w="240px">What</Table.ColumnHeader>
              <Table.ColumnHeader>Reading, and where it comes from</Table.ColumnHeader>
              <Table.ColumnHeader w="70px" className="no-print">
                <span className="sr-only">Take it</span>
              </Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {shown.map((row, i) => {
              const { path, of, about, spec, readings, told } = row
              return (
                <Table.Row key={path} bg="transparent">
                  <Table.Cell fontWeight="600">{of === shown[i - 1]?.of ? '' : of}</Table.Cell>
                  <Table.Cell asChild>
                    <th scope="row" style={{ textAlign: 'left', fontWeight: 400 }}>
                      {spec.label}
                    </th>
                  </Table.Cell>
                  <Table.Cell>
                    <ReadingOrNot spec={spec} readings={readings} told={told} />
                    {taking === path && (
                      <TakeReading
                        stock={trailer.stock}
                        path={path}
                        spec={spec}
                        about={about}
                        stood={best(readings)}
                        onTaken={() => setTaking(undefined)}
                      />
                    )}
                  </Table.Cell>
                  <Table.Cell className="no-print">
                    <TakeButton
                      about={`${of}, ${spec.label}`}
                      onTake={() => setTaking(taking === path ? undefined : path)}
                    />
                  </Table.Cell>
                </Table.Row>
              )
            })}
          </Table.Body>
        </Table.Root>
      </Box>
      {shown.length === 0 && (
        <Text py="4">{missing && !typed ? 'Nothing is missing.' : 'No reading is called that.'}</Text>
      )}
    </Box>
  )
}

function rowsOf(trailer: Trailer): Row[] {
  return thingsOf(trailer).flatMap((thing) =>
    Object.entries(thing.specs).map(([key, spec]): Row => {
      const told = thing.path === 'features'
      return {
        path: `${thing.path}.${key}`,
        of: told ? PLACES[(spec as Feature).place] : thing.name,
        about: nameIn(thing, spec),
        spec,
        readings: thing.readings?.[key],
        told,
      }
    }),
  )
}
