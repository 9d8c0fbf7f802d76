import { readingName } from './readingName'
import { thingsOf } from './things'
import type { Trailer } from './trailer'

/** Readings that people took on a unit and that are not on it as it comes in from elsewhere, in words, each once. */
export function readingsLost(kept: Trailer, coming: Trailer): string[] {
  const there = new Set(takenOn(coming).map(({ mark }) => mark))
  const lost = takenOn(kept).filter(({ mark }) => !there.has(mark))
  return [...new Set(lost.map(({ key }) => readingName(kept, key)))]
}

/** Only what somebody put their name to: a sheet's figures come again with the next sheet. */
const takenOn = (trailer: Trailer): { key: string; mark: string }[] =>
  thingsOf(trailer).flatMap(({ path, readings = {} }) =>
    Object.entries(readings).flatMap(([name, all]) =>
      all
        .filter(({ by }) => by !== undefined)
        .map(({ value, source, on, by }) => ({
          key: `${path}.${name}`,
          mark: JSON.stringify([path, name, value, source, on, by]),
        })),
    ),
  )
