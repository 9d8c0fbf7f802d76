import { isDeepStrictEqual } from 'node:util'
import { fromColumn } from './models'

/**
 * Another save came first. Both versions are at hand: `theirs` is in the database, the caller still has its own. `byYou`: it
 * was the same person's, from another tab or device.
 */
export class StaleSave<T = unknown> extends Error {
  constructor(
    readonly theirs: T,
    readonly theirVersion: number,
    readonly byYou = false,
  ) {
    super(byYou ? 'You saved this somewhere else in the meantime.' : 'Someone else saved this in the meantime.')
    this.name = 'StaleSave'
  }
}

/** What was to be saved is no longer there. */
export class Gone extends Error {
  constructor() {
    super('Someone deleted this in the meantime.')
    this.name = 'Gone'
  }
}

/**
 * Whether what comes over `version` was saved already by the same hand, word for word: whoever got no answer sends it once
 * more, and has stood in nobody's way.
 */
export const isSavedAlready = (
  row: { version: number; updatedBy: string | null; document: string | object },
  { version, by, document }: { version: number; by: string | null; document: object },
): boolean =>
  row.version === version + 1 &&
  row.updatedBy === by &&
  isDeepStrictEqual(fromColumn(row.document), JSON.parse(JSON.stringify(document)))
