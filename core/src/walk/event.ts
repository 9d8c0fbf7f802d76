import type { Reaction } from '../household/wishes/reaction'
import type { ReadingValue, Source } from '../readings/reading'
import type { AbsentKind } from '../trailer/trailer'

/** A reading as somebody typed or tapped it. */
export interface ReadingNote {
  kind: 'reading'
  key: string
  text: string
  source: Source
  /** It is odd, was questioned, and is so. */
  confirmed?: boolean
  /** What stood there when it was written; absent: nothing did. */
  saw?: string
}

/** What one noted oneself and takes back: it is as before, not looked at where nobody else had. */
export interface TakenBackNote {
  kind: 'taken back'
  key: string
}

/** A kind of thing that nobody had looked for: there is one, or there is none. */
export interface ThingNote {
  kind: 'thing'
  thing: AbsentKind
  there: boolean
}

/** Something that was shown to a household, by its key at the station. */
export interface ShownNote {
  kind: 'shown'
  point: string
}

export interface ReactionNote {
  kind: 'reaction'
  reaction: Reaction
}

/** A step of the hand-over that was gone through with the buyer, or was not after all. */
export interface HandedNote {
  kind: 'handed'
  step: string
  done: boolean
}

/** Where a unit stands with a household beside what is reckoned: kept in sight, set aside, or neither. */
export const CHOICES = ['pinned', 'set aside', 'open'] as const
export interface ChoiceNote {
  kind: 'choice'
  stands: (typeof CHOICES)[number]
  /** Why, or what is to be remembered of it. */
  word?: string
}

export type WalkNote = ReadingNote | TakenBackNote | ThingNote | ShownNote | ReactionNote | HandedNote | ChoiceNote
export type WalkNoteKind = WalkNote['kind']

/**
 * What somebody noted along a walk, on whatever device, with or without a connection. The id is made where it was noted, so
 * that however often it is sent it counts once.
 */
export interface WalkEvent {
  id: string
  stock: string
  /** Of the household that is open, where one is. */
  household?: string
  /** What it is about, in words, for whoever reads what waits or was not taken. */
  about: string
  /** When it was noted, by the clock of the device: ISO 8601. */
  at: string
  what: WalkNote
}

/** What became of an event. */
export interface WalkOutcome {
  id: string
  /** False: it was not taken, and `says` why. */
  taken: boolean
  /** What whoever noted it should know: why not, or what somebody else noted meanwhile. */
  says?: string
}

/** Of these a household has to be open. */
export const WITH_HOUSEHOLD: ReadonlySet<WalkNoteKind> = new Set<WalkNoteKind>([
  'shown',
  'reaction',
  'handed',
  'choice',
])

/** A reading as text that is the same while nobody reads it anew. */
export const sawText = (reading: { value: ReadingValue; on?: string; by?: string } | undefined): string | undefined =>
  reading && `${String(reading.value)}|${reading.on ?? ''}|${reading.by ?? ''}`.slice(0, 200)
