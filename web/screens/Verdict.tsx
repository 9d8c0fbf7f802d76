import type { Standing } from '@hitchet/core/match/standing'
import type { Answer } from '@hitchet/core/questions/answer'
import { answerLine, type AnswerLineData } from '@hitchet/core/match/told/answerLine'
import { badness, type Verdict } from '@hitchet/core/questions/reason'
import { MarginBar } from '../drawing/MarginBar'
import { FILLS, VERDICT_WORDS } from '../drawing/patterns'
import { Said } from '../look/measures'

/** A question's answer on one line: what was asked, the bar, the word, the figure. */
export const AnswerLine = ({ short, answer }: { short: string; answer: Answer }) => (
  <LineOf short={short} line={answerLine(answer)} />
)

/** The same of no more than stands on the line. */
export function LineOf({ short, line, narrow }: { short: string; line: AnswerLineData; narrow?: boolean }) {
  const { verdict, margin, says, known, knownSays } = line
  return (
    <div className={narrow ? 'answer-line narrow' : 'answer-line'}>
      <span>{short}</span>
      <MarginBar verdict={verdict} margin={margin} known={known} width={narrow ? 80 : undefined} />
      <b className={`is-${verdict}`}>{VERDICT_WORDS[verdict]}</b>
      <span className="figure">
        {knownSays && <Said phrase={knownSays} />}
        {knownSays && (narrow ? ' so far' : ', ')}
        {!(knownSays && narrow) && <Said phrase={says} />}
      </span>
    </div>
  )
}

/** How a unit stands, in a word and a pattern. */
export const STANDING_WORDS: Record<Standing, { word: string; verdict: Verdict }> = {
  fits: { word: 'Fits them', verdict: 'fits' },
  measure: { word: 'Measure first', verdict: 'measure' },
  nearly: { word: 'Nearly', verdict: 'tight' },
  undrawn: { word: 'Not drawn yet', verdict: 'measure' },
  out: { word: 'Out', verdict: 'no' },
  sold: { word: 'Sold', verdict: 'no' },
}

export function StandingWord({ standing }: { standing: Standing }) {
  const { word, verdict } = STANDING_WORDS[standing]
  return (
    <span className={`standing-word is-${verdict}`}>
      <PatternSwatch verdict={verdict} />
      {word}
    </span>
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
