'use client'

import { Box, Flex, Text } from '@chakra-ui/react'
import { phraseText } from '@hitchet/core/quantity/phrase'
import { atSite, summaryOf, type SiteAnswer, type Standing } from '@hitchet/core/parks/fits'
import { CAUTIONS } from '@hitchet/core/questions/cautions'
import type { Verdict } from '@hitchet/core/questions/reason'
import type { Parks } from '../../../server/parks'
import { useMeasures } from '../../../look/measures'
import { FILLS } from '../../../drawing/patterns'
import { Caution } from '../../Caution'

/** Which sites round here take it, what is against it at the others, and what they have to bring. */
export function ParksPanel({ standing, parks }: { standing: Standing; parks: Parks }) {
  const system = useMeasures()
  const answers = parks.rows.map((site) => atSite(standing, site))
  return (
    <Box as="section" aria-labelledby="parks" borderTopWidth="1px" borderColor="line" mt="5" pt="4">
      <Text as="h2" id="parks" fontWeight="700">
        Where it fits
      </Text>
      <Text mt="1">{phraseText(summaryOf(answers), system)}</Text>
      {parks.trouble && (
        <Text color="no" fontSize="14.5px">
          {parks.trouble}
        </Text>
      )}
      <Box as="ul" listStyleType="none" mt="2" style={{ columns: '380px' }}>
        {answers.map((one) => (
          <Flex as="li" key={one.name} gap="2" fontSize="14.5px" align="start" style={{ breakInside: 'avoid' }} pb="1">
            <Mark verdict={verdictOf(one)} />
            <span>
              <b>{one.name}</b>: {phrased(one, (words) => phraseText(words, system))}
            </span>
          </Flex>
        ))}
      </Box>
      <Text fontSize="14.5px" color="line" mb="1">
        {parks.madeUp
          ? 'The sites are made up, to show how it looks: a dealership puts its own table in their place. '
          : ''}
        Open as it stands: slides and awning out.
      </Text>
      <Caution>{CAUTIONS.parks}</Caution>
    </Box>
  )
}

const verdictOf = ({ against, unread }: SiteAnswer): Verdict =>
  against.length ? 'no' : unread.length ? 'measure' : 'fits'

const WORDS: Record<Verdict, string> = { fits: 'fits', tight: 'fits', measure: 'measure it first', no: '' }

function phrased(one: SiteAnswer, say: (words: SiteAnswer['against'][number]) => string): string {
  const verdict = verdictOf(one)
  if (verdict === 'no') return one.against.map(say).join(', ')
  const bring = one.bring.length ? `; bring ${one.bring.map(say).join(', ')}` : ''
  return `${WORDS[verdict]}${bring}`
}

function Mark({ verdict }: { verdict: Verdict }) {
  return (
    <svg width="14" height="20" aria-hidden style={{ flex: 'none' }}>
      <rect
        x="1"
        y="5"
        width="12"
        height="10"
        rx="2"
        fill={FILLS[verdict]}
        stroke={`var(--h-colors-${verdict})`}
        strokeDasharray={verdict === 'measure' ? '3 2' : undefined}
      />
    </svg>
  )
}
