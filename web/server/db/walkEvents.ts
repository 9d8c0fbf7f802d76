import { UniqueConstraintError, type Transaction } from 'sequelize'
import type { WalkEvent, WalkNote, WalkOutcome } from '@hitchet/core/walk/event'
import { inTransaction } from './database'
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
          notedAt: new Date(event.at),
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
