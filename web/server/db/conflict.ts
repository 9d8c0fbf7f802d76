/** Somebody else saved first. Both versions are at hand: `theirs` is in the database, the caller still has its own. */
export class StaleSave<T = unknown> extends Error {
  constructor(
    readonly theirs: T,
    readonly theirVersion: number,
  ) {
    super('Somebody else saved this in the meantime.')
    this.name = 'StaleSave'
  }
}

/** What was to be saved is no longer there. */
export class Gone extends Error {
  constructor() {
    super('Somebody deleted this in the meantime.')
    this.name = 'Gone'
  }
}
