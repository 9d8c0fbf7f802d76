/** Of whom a second factor is asked at the door. */
export const SECOND_FACTOR_OF = ['nobody', 'managers', 'everybody'] as const
export type SecondFactorOf = (typeof SECOND_FACTOR_OF)[number]
