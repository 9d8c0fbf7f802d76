'use client'

import { Box, SimpleGrid, Text } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import type { Asked } from '@hitchet/core/match/asking/asked'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import type { Reasons as Told } from '../../server/services/matchRows'
import { Caution } from '../Caution'
import { request } from '../request'
import { AnswerLine, Reasons } from '../Verdict'
import { WhyOver } from './WhyOver'

/** Every reason of every answer on a unit, and why it stands before the next: fetched when somebody asks for them. */
export function AllReasons({ household, stock }: { household: string; stock: string }) {
  const [told, setTold] = useState<Told | { wrong: string }>()
  useEffect(() => {
    const stop = new AbortController()
    const ask = async () => {
      const outcome = await request<Told>(
        'GET',
        `/api/households/${household}/reasons/${stock}`,
        undefined,
        stop.signal,
      )
      setTold(outcome.ok ? outcome.value : { wrong: outcome.says })
    }
    void ask()
    return () => stop.abort()
  }, [household, stock])
  if (!told || 'wrong' in told)
    return (
      <Text role="status" py="2" color="line" minH="120px">
        {told?.wrong ?? 'Gathering the reasons …'}
      </Text>
    )
  return (
    <>
      {told.flexibility && (
        <Text mt="1" fontSize="14px">
          How well it can be lived in, 0 to 100: <b className="figure">{told.flexibility.everyday}</b> every day,{' '}
          <b className="figure">{told.flexibility.withGuests}</b> with guests (sleeping, ways, bath, kitchen and seats)
        </Text>
      )}
      {told.why && <WhyOver {...told.why} />}
      <ReasonsOf asked={told.asked} />
    </>
  )
}

/** Question by question what was answered and why. */
export function ReasonsOf({ asked }: { asked: readonly Asked[] }) {
  return (
    <SimpleGrid columns={{ base: 1, lg: 2 }} gap="5" pt="3" fontSize="14px">
      {asked.map(({ id, asks, answer }) => (
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
  )
}
