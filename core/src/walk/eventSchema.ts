import { boolean, lazy, object, string, type Schema } from 'yup'
import { kindOf } from '../flaws/byKind'
import { objectOf } from '../flaws/objectOf'
import { reactionSchema } from '../household/wishes/reactionSchema'
import { SOURCES } from '../readings/reading'
import { ABSENT_KINDS } from '../trailer/trailer'
import {
  CHOICES,
  WITH_HOUSEHOLD,
  type ChoiceNote,
  type HandedNote,
  type ReactionNote,
  type ReadingNote,
  type ShownNote,
  type TakenBackNote,
  type ThingNote,
  type WalkNote,
  type WalkNoteKind,
} from './event'

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
  'taken back': objectOf<TakenBackNote>()({ kind: kind().oneOf(['taken back']), key: string().max(200).required() }),
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
