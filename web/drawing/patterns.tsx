import type { Verdict } from '@hitchet/core/questions/reason'

/** How a verdict's bar is filled. Each verdict has its own pattern, so that color never speaks alone. */
export const FILLS: Record<Verdict, string> = {
  fits: 'var(--h-colors-fits)',
  tight: 'url(#fill-tight)',
  no: 'url(#fill-no)',
  measure: 'none',
}

export const VERDICT_WORDS: Record<Verdict, string> = { fits: 'Fits', tight: 'Tight', no: 'No', measure: 'Measure' }

/** The patterns, once for each page; drawings refer to them by name. */
export function PatternDefinitions() {
  return (
    <svg width="0" height="0" aria-hidden focusable="false" style={{ position: 'absolute' }}>
      <defs>
        <pattern id="fill-tight" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="1" x2="1" y1="0" y2="5" stroke="var(--h-colors-tight)" strokeWidth="2.4" />
        </pattern>
        <pattern id="fill-no" width="4" height="4" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 1H4M1 0V4" stroke="var(--h-colors-no)" strokeWidth="1.3" />
        </pattern>
      </defs>
    </svg>
  )
}
