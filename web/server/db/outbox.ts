import { QueryTypes } from 'sequelize'
import { database } from './database'

/** A message in the outbox. */
export interface KeptMessage {
  id: string
  /** Whose page it is about; none of what goes to people of the house. */
  householdId: string | null
  household: string | null
  channel: 'email' | 'text'
  recipient: string
  subject: string
  words: string
  page: string | null
  oneTimeLink: string | null
  by: string | null
  madeAt: Date
}

const MOST = 100

/** The latest first. `ofHouse`: also what goes to people of the house, which lets whoever reads it in. */
export const outbox = ({ ofHouse }: { ofHouse: boolean }): Promise<KeptMessage[]> =>
  database().query<KeptMessage>(
    `SELECT o.id, o.household_id AS householdId, h.name AS household, o.channel, o.recipient, o.subject, o.words, o.page,
        o.one_time_link AS oneTimeLink, a.name AS \`by\`, o.created_at AS madeAt
      FROM outgoing o LEFT JOIN households h ON h.id = o.household_id LEFT JOIN accounts a ON a.id = o.made_by
      WHERE ${ofHouse ? 'h.id IS NOT NULL OR o.one_time_link IS NOT NULL' : 'h.id IS NOT NULL'}
      ORDER BY o.created_at DESC, o.id LIMIT ${MOST}`,
    { type: QueryTypes.SELECT },
  )
