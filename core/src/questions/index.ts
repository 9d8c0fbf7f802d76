import { bath } from './bath/bath'
import { exits } from './exits/exits'
import { galley } from './galley/galley'
import { park } from './park/park'
import { power } from './power/power'
import { price } from './price/price'
import type { Question } from './question'
import type { ValuesOf } from '../rule/rule'
import { reach } from './reach/reach'
import { season } from './season/season'
import { seating } from './seating/seating'
import { sleep } from './sleep/sleep'
import { stay } from './stay/stay'
import { stow } from './stow/stow'
import { tow } from './tow/tow'
import { wishes } from './wishes/wishes'
import { withId } from '../plan/withId'

/**
 * All questions, in the order consultants ask. A new question is a folder, an import and an entry here; all
 * else follows from it.
 */
export const ALL = [
  sleep,
  exits,
  reach,
  tow,
  stay,
  season,
  power,
  park,
  bath,
  galley,
  seating,
  stow,
  wishes,
  price,
] as const

type All = (typeof ALL)[number]
export type QuestionId = All['id']
/** What a trailer offers to each, as stored. */
export type QuestionFacts = { [Q in All as Q['id']]: ReturnType<Q['facts']> }
/** The house rules of each. */
export type QuestionRules = { [Q in All as Q['id']]: ValuesOf<Q['rules']> }

/** What those who go through all of them see of one; facts are made by the sheet (`match/factSheet.ts`). */
export type AnyQuestion = Omit<Question<QuestionId, unknown, unknown, object>, 'factRules' | 'facts'>

export const QUESTIONS: readonly AnyQuestion[] = ALL

export const questionOf = (id: QuestionId): AnyQuestion => withId(QUESTIONS, id)
