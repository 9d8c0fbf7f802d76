import { QueryTypes } from 'sequelize'
import { RateLimiterMySQL } from 'rate-limiter-flexible'
import { settings } from '../../settings'
import { database } from '../database'
import { databaseAddress } from '../nodes'

/** What a store of the limiter asks of a connection. */
interface Client {
  query(sql: string, values: unknown, done?: (failure: unknown, rows?: unknown) => void): void
  rollback(): void
}

/**
 * Our own pool as the limiter's store. Each of its statements is whole by itself: what it would wrap in a transaction needs
 * none, and what another process counts in between only makes the count higher.
 */
const client: Client = {
  query(sql, given, answered) {
    const [values, done] = typeof given === 'function' ? [[], given as Client['query']] : [given, answered]
    const say = done as (failure: unknown, rows?: unknown) => void
    if (/^(BEGIN|COMMIT)$/.test(sql)) return say(null)
    const left = [...(values as unknown[])]
    // `??` is a name.
    const named = sql.replaceAll('??', () => `\`${String(left.shift())}\``)
    const type = named.trimStart().startsWith('SELECT') ? QueryTypes.SELECT : QueryTypes.RAW
    database()
      .query(named, { type, replacements: left })
      .then((rows) =>
        say(
          null,
          (type === QueryTypes.SELECT ? (rows as { points: number; expire: unknown }[]) : []).map((row) => ({
            ...row,
            expire: Number(row.expire),
          })),
        ),
      )
      .catch(say)
  },
  rollback() {},
}

/** Counts tries in the database, so that every process of a house counts the same. */
export const attemptsCounted = ({ points, seconds }: { points: number; seconds: number }): RateLimiterMySQL =>
  new RateLimiterMySQL({
    storeClient: client,
    storeType: 'ours',
    dbName: databaseAddress(settings().databaseUrl).name,
    tableName: 'sign_in_attempts',
    tableCreated: true,
    keyPrefix: '',
    points,
    duration: seconds,
  })
