/** Cubic inches in a cubic foot: twelve times twelve times twelve. */
const CUBIC_INCHES = 1728

export const cubicFeet = (cubicInches: number): number => cubicInches / CUBIC_INCHES

/** Of a box, from its three sides in inches. */
export const cubicFeetOf = (sides: readonly number[]): number =>
  cubicFeet(sides.reduce((product, side) => product * side, 1))
