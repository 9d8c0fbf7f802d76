/** How a strip looks in a list: pixels per inch, and what is drawn of it. */
export const STRIP_LOOKS = {
  /** In the yard: the longest unit in stock takes a good third of a desk's screen. */
  yard: { scale: 1.05, detail: 'fixtures' },
  /** Beside what is said of it: six stand on one screen. */
  row: { scale: 0.5, detail: 'fixtures' },
  /** The size of a thumb: rooms and beds. */
  thumb: { scale: 0.42, detail: 'shape' },
} as const satisfies Record<string, { scale: number; detail: 'fixtures' | 'shape' }>

export type StripLook = keyof typeof STRIP_LOOKS

export const STRIP_THEMES = ['day', 'evening'] as const
export type StripTheme = (typeof STRIP_THEMES)[number]
