import type { Refusal } from './refusal'

/** A file as it was dropped on the page. */
export interface ImportFile {
  name: string
  text: string
}

/**
 * What to do with what is kept already and comes in otherwise: nobody chose yet; renew it; add households as others, and leave
 * units as they are.
 */
export const AGAIN = ['ask', 'renew', 'add'] as const
export type Again = (typeof AGAIN)[number]

/** How files are to be brought in. */
export interface ImportChoice {
  keepGood: boolean
  again?: Again
}

export interface KnownHousehold {
  file: string
  id: string
  name: string
}

/** A unit on which people read something that the file does not have. */
export interface KnownUnit {
  file: string
  stock: string
  /** What would be lost, in words. */
  lost: string[]
}

export interface HouseholdReport {
  added: { id: string; name: string }[]
  renewed: { id: string; name: string }[]
  /** Kept already, word for word. */
  unchanged: { id: string; name: string }[]
}

export interface ImportReport {
  /** Whether it went through: all that could go in is in. */
  done: boolean
  added: string[]
  renewed: string[]
  /** In the yard already, word for word. */
  unchanged: string[]
  households: HouseholdReport
  /** Households that are kept already and other than in the file: nothing is written before somebody chooses. */
  known: KnownHousehold[]
  /** Units whose readings the files would take away: nothing is written before somebody chooses. */
  knownUnits: KnownUnit[]
  /** Units left as they are, for that. */
  left: string[]
  /** One line for each thing that is wrong, with the file's name. */
  errors: string[]
  warnings: string[]
}

/** How far it is: so many files read, so many of those that go in stored. */
export type ImportProgress = { read: number } | { stored: number; of: number }

/** What the server says while it works, a line each; the last is the report, or why there is none. */
export type ImportNews = ImportProgress | { report: ImportReport } | { refusal: Refusal }

/** What is sent: the choice on the first line, then a file on each. */
export const importLines = (choice: ImportChoice, files: readonly ImportFile[]): Blob =>
  new Blob([choice, ...files].map((line) => `${JSON.stringify(line)}\n`))
