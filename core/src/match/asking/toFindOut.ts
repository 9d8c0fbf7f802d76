import { isTheirs } from '../../questions/margin'
import { readingName } from '../../trailer/readingName'
import { thingAt } from '../../trailer/things'
import type { Trailer } from '../../trailer/trailer'
import type { Asked } from './asked'

/** What answers still wait for: to be asked of the household, and to be measured or looked at on the unit. */
export interface ToFindOut {
  /** The questions that wait for an answer of theirs, by their short words. */
  theirs: string[]
  here: { key: string; name: string; thing?: string; waiting: string[] }[]
}

/** What the answers on a unit still wait for, each thing once, with the questions that it is for. */
export function toFindOut(trailer: Trailer, asked: readonly Pick<Asked, 'short' | 'answer'>[]): ToFindOut {
  const waits = new Map<string, string[]>()
  for (const { short, answer } of asked)
    for (const key of answer.missing) waits.set(key, [...(waits.get(key) ?? []), short])
  return {
    theirs: [...new Set([...waits].filter(([key]) => isTheirs(key)).flatMap(([, shorts]) => shorts))],
    here: [...waits]
      .filter(([key]) => !isTheirs(key))
      .map(([key, waiting]) => {
        const thing = thingAt(trailer, key)?.thing
        return { key, name: readingName(trailer, key), ...(thing && { thing: thing.id ?? thing.path }), waiting }
      }),
  }
}
