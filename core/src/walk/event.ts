import { boolean, lazy, object, string, type Schema } from 'yup'
import { objectOf } from '../flaws/objectOf'
import { reactionSchema, type Reaction } from '../household/reaction'
import { kindOf } from '../plan/plan'
import { SOURCES, type ReadingValue, type Source } from '../readings/reading'
import { ABSENT_KINDS, type AbsentKind } from '../trailer/trailer'

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

export type WalkNote = ReadingNote | ThingNote | ShownNote | ReactionNote | HandedNote | ChoiceNote
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

const kind = () => string().required()
/** Of any version: those made on a device hold their time (RFC 9562). */
const uuid = () => string().matches(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/, 'a UUID')
const notes: Record<WalkNoteKind, Schema> = {
  reading: objectOf<ReadingNote>()({
    kind: kind().oneOf(['reading']),
    key: string().max(200).required(),
    text: string().max(200).defined(),
    source: string().oneOf(SOURCES).required(),
    confirmed: boolean(),
    saw: string().max(200),
  }),
  thing: objectOf<ThingNote>()({
    kind: kind().oneOf(['thing']),
    thing: string().oneOf(ABSENT_KINDS).required(),
    there: boolean().required(),
  }),
  shown: objectOf<ShownNote>()({ kind: kind().oneOf(['shown']), point: string().max(200).required() }),
  reaction: objectOf<ReactionNote>()({ kind: kind().oneOf(['reaction']), reaction: reactionSchema.required() }),
  handed: objectOf<HandedNote>()({
    kind: kind().oneOf(['handed']),
    step: string().max(80).required(),
    done: boolean().required(),
  }),
  choice: objectOf<ChoiceNote>()({
    kind: kind().oneOf(['choice']),
    stands: string().oneOf(CHOICES).required(),
    word: string().max(200),
  }),
}

/** Of these a household has to be open. */
export const WITH_HOUSEHOLD: ReadonlySet<WalkNoteKind> = new Set<WalkNoteKind>([
  'shown',
  'reaction',
  'handed',
  'choice',
])

export const walkEventSchema = object({
  id: uuid().required(),
  stock: string().min(1).max(20).required(),
  household: uuid(),
  about: string().min(1).max(160).required(),
  at: string().datetime().required(),
  what: lazy(kindOf(notes)) as unknown as Schema<WalkNote>,
})
  .noUnknown()
  .test(
    'household',
    'the household that was there',
    ({ what, household }) => household !== undefined || !WITH_HOUSEHOLD.has((what as WalkNote).kind),
  )

/** A reading as text that is the same while nobody reads it anew. */
export const sawText = (reading: { value: ReadingValue; on?: string; by?: string } | undefined): string | undefined =>
  reading && `${String(reading.value)}|${reading.on ?? ''}|${reading.by ?? ''}`.slice(0, 200)
