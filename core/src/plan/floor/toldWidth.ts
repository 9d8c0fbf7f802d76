/**
 * A width as it is told, inches: to the half inch, never wider than it is. Every layer, page and sentence tells the same figure
 * by it.
 */
export const toldWidth = (width: number): number => Math.floor(2 * width + HAIR) / 2

/** What is nearer to the next half inch than this is rounding of a machine. */
const HAIR = 1e-6
