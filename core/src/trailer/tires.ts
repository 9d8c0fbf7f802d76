import { word } from '../readings/reading'
import type { Trailer } from './trailer'

/** What one tire carries, single, pounds, at how many psi cold. */
export interface TireRating {
  pounds: number
  psi: number
}

/**
 * Special-trailer tires by size and load range. Source: Tire and Rim Association tables (from memory); what is not here
 * is not judged.
 */
const RATED: Readonly<Record<string, TireRating>> = {
  'ST205/75R14 C': { pounds: 1760, psi: 50 },
  'ST205/75R15 C': { pounds: 1820, psi: 50 },
  'ST225/75R15 C': { pounds: 2150, psi: 50 },
  'ST225/75R15 D': { pounds: 2540, psi: 65 },
  'ST225/75R15 E': { pounds: 2830, psi: 80 },
  'ST235/80R16 E': { pounds: 3420, psi: 80 },
}

/** By what was read off the side wall; undefined when that is not all read, or no such tire is in the table. */
export function tableTire({ readings }: Pick<Trailer, 'readings'>): (TireRating & { name: string }) | undefined {
  const [size, range] = [word(readings, 'tireSize'), word(readings, 'tireLoadRange')]
  if (size === undefined || range === undefined) return undefined
  const name = `${size.toUpperCase().replace(/\s/g, '')} ${range}`
  const rated = RATED[name]
  return rated && { ...rated, name }
}
