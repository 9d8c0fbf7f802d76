/**
 * Why something was not done, as the server says it and the page hears it. `says` is for the person.
 * `stale`: another save came first, `byYou` from another tab or device of the same person's;
 * `gone`: it is not there any more; `refused`: it is not right, each
 * flaw in words; `stranger`: sign in first; `away`: the database does not answer, try again; `failed`: a fault of ours.
 */
export type Refusal =
  | { kind: 'stale'; says: string; theirs: unknown; theirVersion: number; byYou: boolean }
  | { kind: 'gone' | 'stranger' | 'away' | 'failed'; says: string }
  | { kind: 'refused'; says: string; flaws: string[] }

/** What a page that could not be made is told by when the database does not answer. */
export const DATABASE_AWAY = 'the database does not answer'
