import type { Phrase } from '../quantity/phrase'
import { plainNumbers } from '../quantity/parse'
import type { YardUnit } from './unit'

/** One thing a typed filter asks for, and how it was understood. */
export interface FilterTerm {
  says: Phrase
  /** How its contrary is said, where that is not `no` before it. */
  lacks?: Phrase
  /** Undefined: it depends on a reading that nobody took. */
  test(unit: YardUnit): boolean | undefined
  /** Of a word that is no term: it is looked for in stock number, name, year and layout. */
  word?: string
  /** By what the list is to be put in order. */
  order?: { most: boolean; of(unit: YardUnit): number | undefined }
  /** The stretch of the text that it was read from. */
  from?: readonly [start: number, end: number]
}

/** A form of words, and what it asks for; undefined where it is not what it looks like, and is left to be read otherwise. */
export interface Form {
  form: string
  term(parts: (string | undefined)[]): FilterTerm | undefined
}

/**
 * Small letters, single blanks, plain numbers, feet and inches as inches, no punctuation between words. `26 ft 2 doors` are
 * two things: inches without their mark follow feet only after an apostrophe.
 */
export const tidy = (text: string): string =>
  plainNumbers(text.toLowerCase())
    .replace(/[’′]/g, "'")
    .replace(/[”″]/g, '"')
    .replace(/[,;:()?!]/g, ' ')
    .replace(/\.(?=\s|$)/g, ' ')
    .replace(/(\d+)\s?(?:ft|feet|foot)\s(\d+)\s?(?:"|inches|inch|in(?= |$))/g, inInches)
    .replace(/(\d+)'\s?(\d+)(?:\s?(?:"|inches|inch|in(?= |$)))?/g, inInches)
    .replace(/\s+/g, ' ')
    .trim()

const inInches = (_: string, feet: string, inches: string): string => `${Number(feet) * 12 + Number(inches)} in`

const MOST = [
  'under',
  'below',
  'up to',
  'at most',
  'max',
  'maximum',
  'no more than',
  'not more than',
  'less than',
  'fewer than',
  'shorter than',
  'lighter than',
  'cheaper than',
  'within',
  'budget of',
  'budget',
]
const LEAST = [
  'over',
  'above',
  'at least',
  'min',
  'minimum',
  'from',
  'more than',
  'longer than',
  'heavier than',
  'no less than',
  'not less than',
]
/** Beyond the number itself, where whole things are counted. */
const STRICT = ['under', 'below', 'less than', 'fewer than', 'over', 'above', 'more than']

export const WAYS = `(${[...MOST, ...LEAST].sort((a, b) => b.length - a.length).join('|')})`
export const isMost = (way: string | undefined): boolean => MOST.includes(way!)
export const isStrict = (way: string | undefined): boolean => STRICT.includes(way!)

/** What follows a number: `26 ft or less`, `2 or more`. */
export const AFTER_MOST = String.raw`(?:or (?:less|fewer|under|shorter|lighter|cheaper|below)|max|maximum|tops|at most)`
export const AFTER_LEAST = String.raw`(?:or (?:more|longer|over|better|up|above)|plus|\+|min|minimum|at least)`

const NUMBERS: Record<string, number> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
}
export const COUNTED = String.raw`(\d+|${Object.keys(NUMBERS).join('|')})`
export const counted = (text: string): number => NUMBERS[text] ?? Number(text)
