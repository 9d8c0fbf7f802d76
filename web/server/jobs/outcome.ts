import { kindOf } from '../log'

/** What could not be worked out, by the kind of failure: it would fail again until the unit, the household or the program is another. */
export interface NotFigured {
  failed: string
}

export const isFigured = <Figured extends object>(one: Figured | NotFigured): one is Figured => !('failed' in one)

/** What came of some work on what is kept, which speaks to nobody: where it failed it would fail again. */
export function outcomeOf<Kept>(work: () => Kept): { kept: Kept } | { failed: string; failure: unknown } {
  try {
    return { kept: work() }
  } catch (failure) {
    return { failed: kindOf(failure), failure }
  }
}
