export interface SeatingRules {
  /** A work place has a window no farther than this, inches. */
  windowNear: number
  /** A head turned no farther than this all evening is not a twisted neck, degrees. */
  turn: number
  /** From farther aside than this a screen is no pleasure, degrees. */
  slant: number
}

export const SEATING_RULES: SeatingRules = {
  windowNear: 30,
  turn: 30, // common practice; half of the 60 degrees to either side that a head turns without the shoulders
  slant: 45, // common practice
}
