/**
 * Check digit of a vehicle identification number. Source: 49 CFR 565.15 (from memory): letters count
 * by the table below, positions weigh 8 7 6 5 4 3 2 10 0 9 8 7 6 5 4 3 2, the sum modulo 11 stands at
 * position 9, ten as X. I, O and Q are not used.
 */
const LETTER_VALUES: Record<string, number> = {
  A: 1,
  B: 2,
  C: 3,
  D: 4,
  E: 5,
  F: 6,
  G: 7,
  H: 8,
  J: 1,
  K: 2,
  L: 3,
  M: 4,
  N: 5,
  P: 7,
  R: 9,
  S: 2,
  T: 3,
  U: 4,
  V: 5,
  W: 6,
  X: 7,
  Y: 8,
  Z: 9,
}
const WEIGHTS = [8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2]

/** The digit that belongs at position 9 of a 17-character VIN, or undefined when a character is not allowed. */
export function vinCheckDigit(vin: string): string | undefined {
  if (!/^[A-HJ-NPR-Z0-9]{17}$/.test(vin)) return undefined
  const sum = [...vin].reduce((total, sign, i) => total + (LETTER_VALUES[sign] ?? Number(sign)) * WEIGHTS[i]!, 0)
  const rest = sum % 11
  return rest === 10 ? 'X' : String(rest)
}

/**
 * The model years that the sign at position 10 stands for, thirty years apart (49 CFR 565.15, from memory): A is
 * 1980 and 2010, Y 2000 and 2030, 1 to 9 2001 to 2009 and 2031 to 2039; I, O, Q, U, Z and 0 are not used.
 */
export function vinYears(vin: string): number[] {
  const at = YEAR_SIGNS.indexOf(vin.charAt(9))
  return at < 0 ? [] : [1980 + at, 2010 + at]
}

const YEAR_SIGNS = 'ABCDEFGHJKLMNPRSTVWXY123456789'

export const vinIsValid = (vin: string): boolean => vin[8] === vinCheckDigit(vin) && vin.length === 17
