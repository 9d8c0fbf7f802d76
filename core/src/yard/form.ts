import type { Phrase } from '../quantity/phrase'
import { plainNumbers } from '../quantity/parse'
import type { YardUnit } from './unit'

/** One thing a typed filter asks for, and how it was understood. */
export interface FilterTerm {
  says: Phrase
  /** Undefined: it depends on a reading that nobody took. */
  test(unit: YardUnit): boolean | undefined
  /** Of a word that is no term: it is looked for in stock number, name, year and layout. */
  word?: string
}

/** A form of words, and what it asks for; undefined where it is not what it looks like, and is left to be read otherwise. */
export interface Form {
  form: string
  term(parts: (string | undefined)[]): FilterTerm | undefined
}

/** Small letters, single blanks, no thousands separators, no punctuation between words. */
export const tidy = (text: string): string =>
  plainNumbers(text.toLowerCase())
    .replace(/[’′]/g, "'")
    .replace(/[,;:()]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()

export const WAYS = '(under|below|up to|at most|max|over|above|at least|min|from)'
export const isMost = (way: string | undefined): boolean => ['under', 'below', 'up to', 'at most', 'max'].includes(way!)
