import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common'

/** Shorter ones are guessed too soon. */
export const SHORTEST = 12
const LONGEST = 1_000

/** Of 0 to 4; from 3 on nobody guesses it in a lifetime at ten tries a second (the package's own scale). */
const LEAST_SCORE = 3

let estimator: ZxcvbnFactory | undefined

/** What speaks against a password, in words; `own`: words that anybody would try with this person. Absent: nothing. */
export function flawOfPassword(password: string, own: readonly string[]): string | undefined {
  const length = [...password].length
  if (length < SHORTEST) return `That password has ${length} characters; ${SHORTEST} or more are needed.`
  if (length > LONGEST) return `That password has ${length} characters; ${LONGEST} at the most are taken.`
  estimator ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs })
  const words = ['hitchet', ...own.flatMap((one) => [one, ...one.split(/[\s@.]+/)])].filter((word) => word.length > 2)
  // What comes after a hundred letters makes no password worse, and takes long.
  return estimator.check(password.slice(0, 100), words).score < LEAST_SCORE
    ? 'That password is too easy to guess. Four unrelated words make a good one.'
    : undefined
}
