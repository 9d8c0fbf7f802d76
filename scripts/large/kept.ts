import { QueryTypes } from 'sequelize'
import { database } from '../../web/server/db/database'

const KEPT = `SELECT COUNT(*) AS n FROM kept_answers a JOIN households h ON h.id = a.household_id AND h.version = a.household_version
  JOIN trailers t ON t.id = a.trailer_id AND t.version = a.trailer_version`

export async function count(sql: string, replacements: Record<string, unknown> = {}): Promise<number> {
  const [row] = await database().query<{ n: number }>(sql, { type: QueryTypes.SELECT, replacements })
  return Number(row!.n)
}

/** So many answers of a household on a unit are kept and of today. `where`: of some, such as `WHERE h.id = :id`. */
export const kept = (where = '', replacements: Record<string, unknown> = {}): Promise<number> =>
  count(`${KEPT} ${where}`, replacements)

/** How long it takes until something is so, milliseconds; looked at every so often. */
export async function until(done: () => Promise<boolean>, again = 20): Promise<number> {
  const from = performance.now()
  while (!(await done())) await new Promise((resolve) => setTimeout(resolve, again))
  return Math.round(performance.now() - from)
}
