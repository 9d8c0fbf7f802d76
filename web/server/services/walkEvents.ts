import type { Transaction } from 'sequelize'
import { dayOf, today } from '../today'
import { withReaction } from '@hitchet/core/household/wishes/reaction'
import { best } from '@hitchet/core/readings/reading'
import { isThere } from '@hitchet/core/trailer/drawn'
import { withNoted } from '@hitchet/core/trailer/equipment'
import { thingAt, withoutReading } from '@hitchet/core/trailer/things'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import {
  sawText,
  type ReactionNote,
  type ReadingNote,
  type TakenBackNote,
  type ThingNote,
  type WalkEvent,
  type WalkOutcome,
} from '@hitchet/core/walk/event'
import type { Account } from '../db/people/accounts'
import { Gone } from '../db/conflict'
import { changeHouseholdIn } from '../db/households'
import { models } from '../db/models'
import { changeTrailerIn } from '../db/trailers'
import { once } from '../db/walkEvents'
import { Refused } from '../refused'
import { refreshInBackground } from './cache/answerCache'
import { withTyped } from './trailers'

/** Read as they are stored. */
export { choicesOf, latestWalks, takenWith } from '../db/walkEvents'

/**
 * What was noted along a walk, in the order in which it was noted: each taken once however often it is sent, and each
 * answered. One that is refused holds up no other.
 */
export async function takeEvents(events: readonly WalkEvent[], account: Account): Promise<WalkOutcome[]> {
  const outcomes: WalkOutcome[] = []
  for (const event of events)
    outcomes.push(await once(event, account.id, (transaction) => outcomeOf(event, account, transaction)))
  refreshInBackground({ stocks: [...new Set(events.map(({ stock }) => stock))] })
  for (const household of new Set(events.flatMap(({ what, household: of }) => (what.kind === 'reaction' ? [of!] : []))))
    refreshInBackground({ household })
  return outcomes
}

async function outcomeOf(event: WalkEvent, account: Account, transaction: Transaction): Promise<WalkOutcome> {
  try {
    const says = await act(event, account, transaction)
    return { id: event.id, taken: true, ...(says && { says }) }
  } catch (failure) {
    if (failure instanceof Refused) return { id: event.id, taken: false, says: failure.message }
    if (failure instanceof Gone) return { id: event.id, taken: false, says: 'It is not here any more.' }
    throw failure
  }
}

async function act(event: WalkEvent, account: Account, transaction: Transaction): Promise<string | undefined> {
  const { what, stock, household } = event
  const who = { on: noLater(event.at), by: account.name }
  if (what.kind === 'reading') return reading(stock, what, who, account.id, transaction)
  if (what.kind === 'taken back') return takenBack(stock, what, who, account.id, transaction)
  if (what.kind === 'thing') return thing(stock, what, who, account.id, transaction)
  if (what.kind === 'reaction') return reaction(stock, household!, what, account.id, transaction)
  await bothAreThere(stock, household!, transaction)
  return undefined
}

/** Nothing is shown of what is not on the lot, and to nobody who is not kept. @throws Gone. */
async function bothAreThere(stock: string, household: string, transaction: Transaction): Promise<void> {
  const { TrailerRow, HouseholdRow } = models()
  const [units, households] = await Promise.all([
    TrailerRow.count({ where: { stock }, transaction }),
    HouseholdRow.count({ where: { id: household }, transaction }),
  ])
  if (units === 0 || households === 0) throw new Gone()
}

interface Who {
  on: string
  by: string
}

/** A clock that runs ahead dates nothing into the future. */
const noLater = (at: string): string => {
  const [day, now] = [dayOf(new Date(at)), today()]
  return day > now ? now : day
}

async function reading(stock: string, note: ReadingNote, who: Who, by: string, transaction: Transaction) {
  let meanwhile: string | undefined
  await changeTrailerIn(transaction, stock, by, (latest) => {
    const stood = readingAt(latest, note.key)
    const next = withTyped(latest, note, who)
    if (stood && sawText(stood) !== note.saw) {
      const counts = readingAt(next, note.key)!
      meanwhile = `Meanwhile ${stood.by ?? 'someone'} recorded ${said(stood.value)} there. Both are kept, and ${said(counts.value)} counts.`
    }
    return next
  })
  return meanwhile
}

async function takenBack(stock: string, { key }: TakenBackNote, who: Who, by: string, transaction: Transaction) {
  await changeTrailerIn(transaction, stock, by, (latest) => {
    const next = withoutReading(latest, key, who.by)
    if (!next) throw new Refused('Only what you noted yourself can be taken back. Write down what’s right beside it.')
    return next
  })
  return undefined
}

const readingAt = (trailer: Trailer, key: string) => {
  const at = thingAt(trailer, key)
  return at && best(at.thing.readings?.[at.reading])
}

const said = (value: unknown): string => (value === true ? 'yes' : value === false ? 'no' : String(value))

async function thing(stock: string, { thing: kind, there }: ThingNote, who: Who, by: string, transaction: Transaction) {
  let meanwhile: string | undefined
  await changeTrailerIn(transaction, stock, by, (latest) => {
    // Whoever looked and found one is not made a liar of by who found none.
    if (!there && isThere(latest, kind))
      meanwhile = 'Meanwhile someone recorded that it has one. That stays: check again.'
    return withNoted(latest, kind, there, { source: 'measured', ...who })
  })
  return meanwhile
}

async function reaction(stock: string, household: string, note: ReactionNote, by: string, transaction: Transaction) {
  await changeHouseholdIn(transaction, household, by, (latest) => withReaction(latest, note.reaction, stock))
  return undefined
}
