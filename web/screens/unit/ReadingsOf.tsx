'use client'

import { Box, HStack, Text } from '@chakra-ui/react'
import { useMemo, useState, type ReactNode } from 'react'
import { PLACES, type Feature } from '@hitchet/core/features/feature'
import type { MeasuredApart } from '@hitchet/core/plan/findings/measuredApart'
import { best, contradicting, type Reading, type ReadingSpec } from '@hitchet/core/readings/reading'
import { nameIn } from '@hitchet/core/trailer/readingName'
import { thingsOf } from '@hitchet/core/trailer/things'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { Said } from '../../look/measures'
import { ReadingOrNot } from './ReadingOrNot'
import { ReadingSource, ReadingValue } from './ReadingValue'
import { TakeButton } from './TakeButton'
import { TakeReading } from './TakeReading'

/** The readings of one thing: where each comes from, what contradicts it, what is still to be measured. */
export function ReadingsOf({
  trailer,
  path: of,
  apart,
}: {
  trailer: Trailer
  path: string
  apart: readonly MeasuredApart[]
}) {
  const thing = useMemo(() => thingsOf(trailer).find(({ path }) => path === of)!, [trailer, of])
  const [taking, setTaking] = useState<string>()
  const keys = Object.entries(thing.specs)
  const told = thing.path === 'features'
  return (
    <>
      {keys.length === 0 && <Text fontSize="14px">Nothing is read on it but its place.</Text>}
      <Box as="dl" maxH="330px" overflowY="auto" css={{ '@media print': { maxHeight: 'none' } }}>
        {keys.map(([key, spec], i) => {
          const path = `${thing.path}.${key}`
          const place = told ? placeOf(spec) : undefined
          return (
            <Row
              key={path}
              spec={spec}
              {...(place && (i === 0 || place !== placeOf(keys[i - 1]![1])) && { under: PLACES[place] })}
              {...(told && { why: (spec as Feature).why })}
              readings={thing.readings?.[key]}
              onTake={() => setTaking(taking === path ? undefined : path)}
            >
              {apart
                .filter(({ list, id, reading }) => `plan.${list}.${id}.${reading}` === path)
                .map(({ says }) => (
                  <Text key={path} color="tight" fontSize="13px">
                    <Said phrase={says} />
                  </Text>
                ))}
              {taking === path && (
                <TakeReading
                  stock={trailer.stock}
                  path={path}
                  spec={spec}
                  about={nameIn(thing, spec)}
                  stood={best(thing.readings?.[key])}
                  onTaken={() => setTaking(undefined)}
                />
              )}
            </Row>
          )
        })}
      </Box>
    </>
  )
}

const placeOf = (spec: ReadingSpec) => (spec as Feature).place

function Row({
  spec,
  under,
  why,
  readings,
  onTake,
  children,
}: {
  spec: ReadingSpec
  /** The first of those seen at a place: its name. */
  under?: string
  /** Of what is told: why it matters. */
  why?: string
  readings?: Reading[]
  onTake(): void
  children: ReactNode
}) {
  const goBy = best(readings)
  const against = contradicting(readings)
  const older = (readings ?? []).filter((one) => one !== goBy && !against.includes(one)).reverse()
  return (
    <>
      {under && (
        <Text fontWeight="700" fontSize="14px" mt="3" mb="1">
          {under}
        </Text>
      )}
      <HStack align="baseline" gap="3" fontSize="14px" borderTopWidth="1px" borderColor="hair" py="1">
        <Text as="dt" w="190px" flex="none">
          {spec.label}
        </Text>
        <Box as="dd" flex="1">
          <Box as="span" float="right">
            <TakeButton about={spec.label} onTake={onTake} />
          </Box>
          <ReadingOrNot spec={spec} readings={readings} told={why !== undefined} />
          {older.map((one, i) => (
            <Text key={i} color="line">
              also <ReadingValue spec={spec} reading={one} /> <ReadingSource reading={one} />
            </Text>
          ))}
          {why && (
            <Text color="line" fontSize="13px">
              {why}
            </Text>
          )}
          {children}
        </Box>
      </HStack>
    </>
  )
}
