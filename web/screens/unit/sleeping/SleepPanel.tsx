'use client'

import { Box, Flex, Grid, HStack, Text } from '@chakra-ui/react'
import type { PersonToken as Token } from '@hitchet/core/household/tokens'
import { phraseText, type Phrase } from '@hitchet/core/quantity/phrase'
import type { NightStory, SleepStory } from '@hitchet/core/questions/sleep/story'
import { PersonToken } from '../../../drawing/PersonToken'
import { Said, useMeasures } from '../../../look/measures'
import { CapacityTable } from './CapacityTable'
import { Timeline } from './Timeline'

/** How this household sleeps in this unit: in one sentence, night by night, by the count, and for how many years. */
export function SleepPanel({
  story,
  tokens,
  children,
}: {
  story: SleepStory
  tokens: Token[]
  children: { name: string; age: number }[]
}) {
  return (
    <Box as="section" aria-labelledby="sleeping" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Text as="h2" id="sleeping" fontWeight="700">
        How they sleep in it
      </Text>
      <Text fontSize="18px" lineHeight="1.35" maxW="72ch" mb="3">
        <Said phrase={story.says} />
      </Text>
      <Grid
        templateColumns={{
          base: '1fr',
          md: `repeat(${story.nights.length}, minmax(0, 1fr))`,
          lg: `repeat(${story.nights.length}, minmax(0, 1fr)) 330px`,
        }}
        gap="8"
        alignItems="start"
      >
        {story.nights.map((night) => (
          <NightColumn key={night.name} night={night} tokens={tokens} />
        ))}
        <CapacityTable capacity={story.capacity} />
      </Grid>
      <Timeline outlook={story.outlook}>{children}</Timeline>
    </Box>
  )
}

function NightColumn({
  night: { name, lies, noticed, second, largest, changes },
  tokens,
}: {
  night: NightStory
  tokens: Token[]
}) {
  return (
    <Box>
      <Text as="h3" fontWeight="600" fontSize="15px" mb="1">
        {name}
      </Text>
      <Box as="ul" listStyleType="none">
        {lies.map(({ berth, about, people }) => (
          <Flex as="li" key={`${berth} ${people[0]?.id}`} gap="2" align="center" minH="30px">
            <HStack gap="1" w="62px" flex="none">
              {people.map(({ id }) => {
                const token = tokens.find((one) => one.id === id)
                return token && <PersonToken key={id} token={token} />
              })}
            </HStack>
            <Box py="0.5">
              <Text fontSize="14.5px" lineHeight="1.25">
                {berth}
              </Text>
              <Text fontSize="13px" color="line" lineHeight="1.25">
                <Said phrase={about} />
              </Text>
            </Box>
          </Flex>
        ))}
      </Box>
      {largest && (
        <Text mt="2" fontSize="14.5px">
          <Said phrase={largest} />
        </Text>
      )}
      {changes.length > 0 && <Sentences title="It would do" phrases={changes.map(({ says }) => says)} />}
      {noticed.length > 0 && <Sentences title="They would notice" phrases={noticed} />}
      {second && (
        <Text mt="2" fontSize="14.5px">
          <Said phrase={second} />
        </Text>
      )}
    </Box>
  )
}

function Sentences({ title, phrases }: { title: string; phrases: readonly Phrase[] }) {
  const system = useMeasures()
  return (
    <Box mt="2" fontSize="14.5px">
      <Text as="h4" color="line" fontSize="13.5px">
        {title}
      </Text>
      <ul style={{ paddingLeft: '18px' }}>
        {phrases.map((phrase) => (
          <li key={phraseText(phrase)}>{phraseText(phrase, system)}</li>
        ))}
      </ul>
    </Box>
  )
}
