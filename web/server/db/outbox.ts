import { QueryTypes } from 'sequelize'
import { database } from './database'

/** A message in the outbox, with whose it is. */
export interface KeptMessage {
  id: string
  householdId: string
  household: string
  channel: 'email' | 'text'
  recipient: string
  subject: string
  words: string
  page: string | null
  by: string | null
  madeAt: Date
}

const MOST = 100

/** The latest first. */
export const outbox = (): Promise<KeptMessage[]> =>
  database().query<KeptMessage>(
    `SELECT o.id, o.household_id AS householdId, h.name AS household, o.channel, o.recipient, o.subject, o.words, o.page,
        a.name AS \`by\`, o.created_at AS madeAt
      FROM outgoing o JOIN households h ON h.id = o.household_id LEFT JOIN accounts a ON a.id = o.made_by
      ORDER BY o.created_at DESC, o.id LIMIT ${MOST}`,
    { type: QueryTypes.SELECT },
  )
