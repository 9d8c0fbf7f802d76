import { HStack, Text } from '@chakra-ui/react'
import type { Standing } from '@hitchet/core/match/match'
import type { Answer } from '@hitchet/core/questions/answer'
import { badness, type Verdict } from '@hitchet/core/questions/reason'
import { knownMargin, marginText } from '@hitchet/core/questions/margin'
import { MarginBar } from '../drawing/MarginBar'
import { FILLS, VERDICT_WORDS } from '../drawing/patterns'
import { Said } from '../look/measures'

/** A question's answer on one line: what was asked, the bar, the word, the figure. */
export function AnswerLine({ short, answer, narrow }: { short: string; answer: Answer; narrow?: boolean }) {
  const known = knownMargin(answer)
  const knownText = known && marginText({ verdict: 'tight', margin: known, missing: [] })
  return (
    <HStack
      gap={narrow ? '2' : '3'}
      rowGap="0"
      minH={narrow ? '19px' : '21px'}
      flexWrap={{ base: 'wrap', sm: 'nowrap' }}
    >
      <Text w={narrow ? '84px' : '92px'} flex="none" fontSize="14px" lineHeight="1.2">
        {short}
      </Text>
      <MarginBar verdict={answer.verdict} margin={answer.margin} known={known} width={narrow ? 80 : undefined} />
      <Text w="58px" flex="none" fontWeight="700" color={answer.verdict} fontSize="14px">
        {VERDICT_WORDS[answer.verdict]}
      </Text>
      <Text
        className="figure"
        fontWeight="500"
        fontSize="14.5px"
        lineHeight="1.2"
        w={narrow ? '150px' : '146px'}
        flex="none"
      >
        {knownText ? (
          <>
            <Said phrase={knownText} />
            {narrow ? (
              ' so far'
            ) : (
              <>
                , <Said phrase={marginText(answer)} />
              </>
            )}
          </>
        ) : (
          <Said phrase={marginText(answer)} />
        )}
      </Text>
    </HStack>
  )
}

/** How a unit stands, in a word and a pattern. */
export const STANDING_WORDS: Record<Standing, { word: string; verdict: Verdict }> = {
  fits: { word: 'Fits them', verdict: 'fits' },
  measure: { word: 'Measure first', verdict: 'measure' },
  nearly: { word: 'Nearly', verdict: 'tight' },
  out: { word: 'Out', verdict: 'no' },
}

export function StandingWord({ standing }: { standing: Standing }) {
  const { word, verdict } = STANDING_WORDS[standing]
  return (
    <HStack gap="1.5" color={verdict} fontWeight="700" fontSize="14px" whiteSpace="nowrap">
      <PatternSwatch verdict={verdict} />
      {word}
    </HStack>
  )
}

export function PatternSwatch({ verdict }: { verdict: Verdict }) {
  return (
    <svg width="16" height="12" viewBox="0 0 16 12" aria-hidden focusable="false" style={{ flex: 'none' }}>
      <rect
        x="1"
        y="1"
        width="14"
        height="10"
        rx={verdict === 'measure' ? 3 : 1}
        fill={FILLS[verdict]}
        stroke={`var(--h-colors-${verdict})`}
        strokeDasharray={verdict === 'measure' ? '3 2' : undefined}
      />
    </svg>
  )
}

/** Reasons, the worst first, each with its pattern and its word for those who do not see patterns. */
export function Reasons({ answer }: { answer: Answer }) {
  return (
    <ul style={{ listStyle: 'none' }}>
      {[...answer.because]
        .sort((a, b) => badness(b.verdict) - badness(a.verdict))
        .map((reason, i) => (
          <li key={i} style={{ display: 'flex', gap: '8px', alignItems: 'baseline', padding: '2px 0' }}>
            {reason.verdict === 'note' ? (
              <span style={{ flex: 'none', width: '16px' }} />
            ) : (
              <span title={VERDICT_WORDS[reason.verdict]} style={{ position: 'relative', top: '1px' }}>
                <PatternSwatch verdict={reason.verdict} />
                <span className="sr-only">{VERDICT_WORDS[reason.verdict]}: </span>
              </span>
            )}
            <span>
              <Said phrase={reason.says} />
            </span>
          </li>
        ))}
    </ul>
  )
}
