import { QueryTypes, UniqueConstraintError, type Transaction } from 'sequelize'
import type { ChoiceNote, WalkEvent, WalkNote, WalkOutcome } from '@hitchet/core/walk/event'
import { database, inTransaction } from './database'
import { isHeld } from './householdIds'
import { fromColumn, models } from './models'

/** An event as it was taken or refused. */
export interface KeptEvent {
  event: WalkEvent
  outcome: WalkOutcome
  by: string | null
}

/**
 * Does what an event asks for and writes both down as one: whoever sends it again is told what became of it the first time,
 * and nothing is done twice. The index decides, also between two who send it at once.
 */
export async function once(
  event: WalkEvent,
  by: string,
  act: (transaction: Transaction) => Promise<WalkOutcome>,
): Promise<WalkOutcome> {
  const before = await outcomeOf(event.id)
  if (before) return before
  try {
    return await inTransaction(async (transaction) => {
      if (event.household !== undefined && !(await isHeld(event.household, transaction)))
        return tooLate(event, by, transaction)
      const outcome = await act(transaction)
      await models().WalkEventRow.create(
        {
          id: event.id,
          stock: event.stock,
          householdId: event.household ?? null,
          kind: event.what.kind,
          about: event.about,
          note: event.what,
          outcome,
          // A clock that runs ahead notes nothing in the future.
          notedAt: new Date(Math.min(Date.parse(event.at), Date.now())),
          notedBy: by,
        },
        { transaction },
      )
      return outcome
    })
  } catch (failure) {
    const first = failure instanceof UniqueConstraintError ? await outcomeOf(event.id) : undefined
    if (first) return first
    throw failure
  }
}

/** Of a household that was erased only that a note came is kept: sent again, it is told the same. */
async function tooLate({ id, stock, what }: WalkEvent, by: string, transaction: Transaction): Promise<WalkOutcome> {
  const outcome: WalkOutcome = { id, taken: false, says: 'It is not here any more.' }
  await models().WalkEventRow.create(
    { id, stock, householdId: null, kind: what.kind, about: '', note: {}, outcome, notedAt: new Date(), notedBy: by },
    { transaction },
  )
  return outcome
}

async function outcomeOf(id: string): Promise<WalkOutcome | undefined> {
  const row = await models().WalkEventRow.findByPk(id, { attributes: ['outcome'] })
  return row ? fromColumn<WalkOutcome>(row.outcome) : undefined
}

/** What was taken of a household's walks round a unit, in the order in which it was noted. */
export async function takenWith(householdId: string, stock: string): Promise<KeptEvent[]> {
  const rows = await models().WalkEventRow.findAll({
    where: { householdId, stock },
    order: [
      ['notedAt', 'ASC'],
      ['id', 'ASC'],
    ],
  })
  return rows
    .map((row) => ({
      event: {
        id: row.id,
        stock: row.stock,
        household: row.householdId!,
        about: row.about,
        at: row.notedAt.toISOString(),
        what: fromColumn<WalkNote>(row.note),
      },
      outcome: fromColumn<WalkOutcome>(row.outcome),
      by: row.notedBy,
    }))
    .filter(({ outcome }) => outcome.taken)
}

/** Where a unit stands with a household beside what is reckoned, and who said so. */
export interface Choice {
  stands: ChoiceNote['stands']
  word?: string
  /** ISO date. */
  on: string
  by?: string
}

/** The latest that was said of each unit, by its stock number. */
export async function choicesOf(householdId: string): Promise<Map<string, Choice>> {
  const rows = await database().query<{ stock: string; note: string | object; on: string; by: string | null }>(
    `SELECT e.stock, e.note, DATE_FORMAT(e.noted_at, '%Y-%m-%d') AS \`on\`, a.name AS \`by\`
      FROM walk_events e LEFT JOIN accounts a ON a.id = e.noted_by
      WHERE e.household_id = :householdId AND e.kind = 'choice' AND JSON_VALUE(e.outcome, '$.taken') = 1
      ORDER BY e.noted_at, e.id`,
    { type: QueryTypes.SELECT, replacements: { householdId } },
  )
  return new Map(
    rows.map(({ stock, note, on, by }) => {
      const { stands, word } = fromColumn<ChoiceNote>(note)
      return [stock, { stands, ...(word && { word }), on, ...(by !== null && { by }) }]
    }),
  )
}

/** A walk as it lies behind: a day with a household round a unit. */
export interface PastWalk {
  householdId: string
  household: string
  stock: string
  /** ISO date. */
  on: string
  by?: string
  shown: number
  reactions: number
  handed: number
}

/** So many notes are looked through: a walk has some twenty. */
const OF_LATE = 2_000

/** The walks of late, the latest first; of households that are still kept. */
export async function latestWalks(most: number): Promise<PastWalk[]> {
  const rows = await database().query<Record<keyof PastWalk, unknown>>(
    `SELECT e.household_id AS householdId, h.name AS household, e.stock, DATE_FORMAT(e.noted_at, '%Y-%m-%d') AS \`on\`,
        MAX(a.name) AS \`by\`, SUM(e.kind = 'shown') AS shown, SUM(e.kind = 'reaction') AS reactions,
        COUNT(DISTINCT IF(e.kind = 'handed', JSON_VALUE(e.note, '$.step'), NULL)) AS handed
      FROM (SELECT * FROM walk_events WHERE household_id IS NOT NULL ORDER BY noted_at DESC LIMIT :of) e
        JOIN households h ON h.id = e.household_id LEFT JOIN accounts a ON a.id = e.noted_by
      WHERE JSON_VALUE(e.outcome, '$.taken') = 1 AND e.kind <> 'choice'
      GROUP BY e.household_id, h.name, e.stock, \`on\` ORDER BY MAX(e.noted_at) DESC LIMIT :most`,
    { type: QueryTypes.SELECT, replacements: { most, of: OF_LATE } },
  )
  return rows.map(({ householdId, household, stock, on, by, shown, reactions, handed }) => ({
    householdId: String(householdId),
    household: String(household),
    stock: String(stock),
    on: String(on),
    ...(by !== null && { by: String(by) }),
    shown: Number(shown),
    reactions: Number(reactions),
    handed: Number(handed),
  }))
}
