import { checkServerIdentity, type PeerCertificate } from 'node:tls'
import {
  ConnectionAcquireTimeoutError,
  ConnectionError,
  DatabaseError,
  Sequelize,
  type Options,
  type Transaction,
} from 'sequelize'
import { settings } from '../settings'
import { isAlone, isAway } from './away'
import { databaseAddress, Nodes } from './nodes'

/** Threads of a process that speak to the database: the one that answers, and those that reckon (`jobs/pool.ts`). */
const THREADS = 3

/** One pool for each thread. The address comes from DATABASE_URL (`nodes.ts`). */
let shared: Sequelize | undefined

export function database(): Sequelize {
  if (!shared) {
    const { databaseUrl, connections, processes, databaseCa } = settings()
    const most = Math.floor(connections / processes / THREADS)
    shared = connect(databaseUrl, { most, ...(databaseCa && { ca: databaseCa }) })
  }
  return shared
}

/**
 * A database that pauses for some seconds, as at a failover, is waited for: it costs nobody an answer. Of a cluster whatever node
 * greets is written to.
 */
export function connect(url: string, { most = 8, ca }: { most?: number; ca?: string } = {}): Sequelize {
  const { nodes: all, user, password, name } = databaseAddress(url)
  const nodes = new Nodes(all)
  const options: Options = {
    dialect: 'mariadb',
    host: all[0]!.host,
    port: all[0]!.port,
    logging: false,
    define: { underscored: true, freezeTableName: true },
    dialectOptions: {
      connectTimeout: 10_000,
      queryTimeout: 20_000,
      logParam: false,
      ...(ca && {
        ssl: {
          ca,
          rejectUnauthorized: true,
          // The connector holds it against `localhost`, whatever node it speaks to.
          checkServerIdentity: (_: string, cert: PeerCertificate) => checkServerIdentity(nodes.current.host, cert),
        },
      }),
    },
    pool: { max: most, min: 1, idle: 60_000, acquire: 30_000 },
    // Ten seconds in all: as long as a restart takes. Whoever found no free connection has waited long enough.
    retry: { max: 10, match: [cannotConnect], backoffBase: 100, backoffExponent: 1.6, backoffJitter: 100 },
    hooks: {
      async beforeConnect(config) {
        const { host, port } = await nodes.greeting()
        Object.assign(config, { host, port })
      },
    },
  }
  const db = new Sequelize(name, user, password, options)
  return readingAgain(db, nodes)
}

/** What only reads may be asked once more: so often, when the connection broke under it. */
const READS = 4

/** A read by itself whose connection breaks is asked again, of whatever node greets then; a transaction is tried again as a whole. */
function readingAgain(db: Sequelize, nodes: Nodes): Sequelize {
  const query = db.query.bind(db) as (...asked: unknown[]) => Promise<unknown>
  const again = async (...asked: unknown[]): Promise<unknown> => {
    const [sql, options] = asked as [string | { query: string }, { transaction?: unknown } | undefined]
    const isRead = /^\s*\(?SELECT\b/i.test(typeof sql === 'string' ? sql : sql.query) && !options?.transaction
    for (let attempt = 1; ; attempt++) {
      try {
        return await query(...asked)
      } catch (failure) {
        if (isAlone(failure)) nodes.passOver()
        if (!isRead || attempt === READS || !isAway(failure) || cannotConnect(failure)) throw failure
        await new Promise((resolve) => setTimeout(resolve, Math.random() * 100 * attempt))
      }
    }
  }
  return Object.assign(db, { query: again })
}

const cannotConnect = (failure: unknown): boolean =>
  failure instanceof ConnectionError && !(failure instanceof ConnectionAcquireTimeoutError)

export async function disconnect(): Promise<void> {
  await shared?.close()
  shared = undefined
}

/**
 * MariaDB: deadlock, lock wait timeout, certification conflict between nodes. The whole transaction may be
 * tried again.
 */
const RETRY = new Set([1213, 1205, 1020])
const TRIES = 8
/** The longest pause between two tries, milliseconds. */
const PAUSE = 1_000

/**
 * All writes go through here: one transaction, tried again when the database asks for it, or when the
 * connection broke before anything was committed. A commit that nobody answered is not tried again: it may have
 * gone through.
 */
export async function inTransaction<T>(
  work: (transaction: Transaction) => Promise<T>,
  db: Sequelize = database(),
): Promise<T> {
  for (let attempt = 1; ; attempt++) {
    let committing = false
    try {
      const transaction = await db.transaction()
      try {
        const result = await work(transaction)
        committing = true
        await transaction.commit()
        return result
      } catch (failure) {
        if (!committing) await transaction.rollback().catch(() => {})
        throw failure
      }
    } catch (failure) {
      const again = mayRetry(failure) || (isAway(failure) && !committing)
      if (attempt === TRIES || !again) throw failure
      // Those who met in a lock do not come back at the same moment.
      await new Promise((resolve) => setTimeout(resolve, Math.random() * Math.min(PAUSE, 20 * 2 ** attempt)))
    }
  }
}

export function mayRetry(failure: unknown): boolean {
  const errno =
    failure instanceof DatabaseError
      ? (failure.parent as { errno?: number }).errno
      : (failure as { errno?: number })?.errno
  return errno !== undefined && RETRY.has(errno)
}
