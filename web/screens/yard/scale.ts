/** Pixels per inch: the longest unit in stock takes a good third of a desk's screen. */
export const YARD_SCALE = 1.05
