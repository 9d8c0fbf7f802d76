'use client'

import { Box, Button, Flex, HStack, Input, Text } from '@chakra-ui/react'
import { useState } from 'react'
import { FEELINGS, subjectLabel, type Feeling, type Subject } from '@hitchet/core/household/wishes/reaction'
import { useNotes } from '../../offline/Notes'
import { subjectKey } from './useDone'

interface ReactionsProps {
  stock: string
  household: string
  /** The place itself comes last: for whatever has no name of its own. */
  subjects: Subject[]
  felt: ReadonlyMap<string, Feeling>
}

/** What they say of what they see: one tap, with a word where there is one. It is their wish from then on. */
export function Reactions({ stock, household, subjects, felt }: ReactionsProps) {
  const [word, setWord] = useState('')
  return (
    <details style={{ marginBottom: '8px' }}>
      <summary style={{ minHeight: '48px', cursor: 'pointer', padding: '12px 0', fontWeight: 600 }}>
        What they think of it
      </summary>
      <Input
        minH="48px"
        maxW="420px"
        mb="1"
        aria-label="In their words"
        placeholder="in their words, with the next tap"
        value={word}
        maxLength={200}
        onChange={(event) => setWord(event.target.value)}
      />
      <Box as="ul" listStyleType="none">
        {subjects.map((subject) => (
          <Row
            key={subjectKey(subject)}
            stock={stock}
            household={household}
            subject={subject}
            felt={felt.get(subjectKey(subject))}
            word={word.trim()}
            onSaid={() => setWord('')}
          />
        ))}
      </Box>
    </details>
  )
}

function Row({
  stock,
  household,
  subject,
  felt,
  word,
  onSaid,
}: {
  stock: string
  household: string
  subject: Subject
  felt?: Feeling
  word: string
  onSaid(): void
}) {
  const { note } = useNotes()
  const [says, setSays] = useState<string>()
  const label = subjectLabel(subject)
  const tap = async (feels: Feeling) => {
    const reaction = { subject, feels, ...(word && { word }) }
    onSaid()
    const heard = await note({ stock, household, about: label }, { kind: 'reaction', reaction })
    setSays('says' in heard ? heard.says : undefined)
  }
  return (
    <Flex as="li" gap="3" align="center" minH="56px" flexWrap="wrap" borderTopWidth="1px" borderColor="hair" py="1">
      <Text flex="1 1 200px" fontWeight="600">
        {label}
      </Text>
      <HStack gap="2" role="group" aria-label={`They think of ${label}`} flexWrap="wrap">
        {FEELINGS.map((feels) => (
          <Button
            key={feels}
            minH="48px"
            variant={felt === feels ? 'solid' : 'outline'}
            aria-pressed={felt === feels}
            onClick={() => void tap(feels)}
          >
            {feels}
          </Button>
        ))}
      </HStack>
      {says && (
        <Text role="alert" color="no" fontSize="14px" w="100%">
          {says}
        </Text>
      )}
    </Flex>
  )
}
