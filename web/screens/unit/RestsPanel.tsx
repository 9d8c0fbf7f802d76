'use client'

import { Box, Text } from '@chakra-ui/react'
import type { RestedFigure } from '@hitchet/core/match/told/restedFigure'
import type { AnswerRests } from '../../server/jobs/provenance'
import { AskFirst } from './AskFirst'
import { ReadingSource, ReadingValue } from './ReadingValue'
import { SOURCE_WORDS } from './sources'

/** Every figure that an answer rests on, with where it comes from: fetched when somebody asks. */
export function RestsPanel({ stock, household }: { stock: string; household: string }) {
  return (
    <AskFirst<AnswerRests[]> label="What these rest on" from={`/api/households/${household}/rests/${stock}`}>
      {(rests) => <Rests rests={rests} />}
    </AskFirst>
  )
}

function Rests({ rests }: { rests: AnswerRests[] }) {
  return (
    <Box as="section" aria-label="What these rest on" pt="3">
      <Text fontWeight="700">What these rest on</Text>
      <Text fontSize="13.5px" color="line">
        Besides the drawing. Of the figures that nobody measured or read off a label, be wary.
      </Text>
      {rests.map(({ question, short, figures }) => (
        <details key={question} style={{ borderTop: '1px solid var(--h-colors-hair)', fontSize: '14px' }}>
          <summary style={{ cursor: 'pointer', padding: '4px 0', minHeight: '28px' }}>
            <b>{short}</b>: {figures.length === 1 ? '1 figure' : `${figures.length} figures`}
            {figures.length > 0 && <>, {bySource(figures)}</>}
          </summary>
          <ul style={{ listStyle: 'none', paddingBottom: '6px' }}>
            {figures.map(({ name, spec, reading, theirs }) => (
              <li key={name}>
                {name}{' '}
                <b className="figure">
                  <ReadingValue spec={spec} reading={reading} />
                </b>{' '}
                {theirs && reading.source === 'told' ? (
                  <Text as="span" color="line" fontSize="13px">
                    as they say
                  </Text>
                ) : (
                  <ReadingSource reading={reading} />
                )}
              </li>
            ))}
          </ul>
        </details>
      ))}
    </Box>
  )
}

/** `18 measured, 4 label, 2 as they say`: the surest first. */
function bySource(figures: readonly RestedFigure[]): string {
  const counts = new Map<string, number>()
  for (const { reading, theirs } of figures) {
    const word = theirs && reading.source === 'told' ? 'as they say' : SOURCE_WORDS[reading.source]
    counts.set(word, (counts.get(word) ?? 0) + 1)
  }
  return ORDER.flatMap((word) => (counts.has(word) ? [`${counts.get(word)} ${word}`] : [])).join(', ')
}

const ORDER = [SOURCE_WORDS.measured, SOURCE_WORDS.label, SOURCE_WORDS.sheet, 'as they say', SOURCE_WORDS.told]
