import { QueryTypes } from 'sequelize'
import { database } from '../../../server/db/database'

/** Whether the program and its database answer. Says nothing else, so strangers may ask. */
export async function GET(): Promise<Response> {
  await database().query('SELECT 1', { type: QueryTypes.SELECT })
  return Response.json({ ok: true })
}

export const dynamic = 'force-dynamic'
