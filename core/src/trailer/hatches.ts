import { word } from '../readings/reading'
import type { Trailer } from './trailer'

/** Whether cargo and ramp doors open from inside; undefined while nobody read how they lock. */
export function hatchesOpen({ features }: Pick<Trailer, 'features'>): boolean | undefined {
  const lock = word(features, 'hatchLock')
  return lock === undefined ? undefined : lock !== 'from outside only'
}
