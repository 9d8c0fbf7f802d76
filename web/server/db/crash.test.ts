import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { QueryTypes, type Sequelize } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { startMariaDb } from '../../../scripts/machine/mariadb.mjs'
import { startWriter, type Said } from '../testing/startWriter'
import { isFull, isReadOnly } from './away'
import { connect, inTransaction } from './database'
import { migrate } from './migrate'

const WRITES = 2_000

/** A server of its own, which may be killed in the middle of its work. */
const folder = mkdtempSync(join(tmpdir(), 'hitchet-crash-'))
let server: Awaited<ReturnType<typeof startMariaDb>>
let db: Sequelize

beforeAll(async () => {
  server = await startMariaDb(join(folder, 'db'))
  db = connect(server.url())
  await migrate(db)
})
afterAll(async () => {
  await db?.close()
  await server?.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('killed in the middle of it, without a word', () => {
  it('program and database lose nothing of 2,000 acknowledged saves, and double nothing', async () => {
    const said: Said = { acknowledged: [], again: 0 }
    const { acknowledged } = said
    const port = Number(new URL(server.url()).port)
    const until = (count: number) =>
      vi.waitFor(() => expect(acknowledged.length).toBeGreaterThanOrEqual(count), { timeout: 240_000, interval: 20 })
    let child = startWriter(0, server.url(), said)
    for (let kill = 1; kill <= 8; kill++) {
      await until((kill * WRITES) / 9)
      if (kill % 2) {
        const ended = once(child, 'close')
        child.kill('SIGKILL')
        await ended
        child = startWriter(kill * 100_000, server.url(), said)
      } else {
        // The one that writes is not told: it finds nobody, waits, and goes on.
        process.kill(server.pid!, 'SIGKILL')
        await server.stop()
        server = await startMariaDb(join(folder, 'db'), { port })
      }
    }
    await until(WRITES)
    const ended = once(child, 'close')
    child.kill('SIGKILL')
    await ended
    const kept = await db.query<{ id: string; name: string }>('SELECT id, name FROM households', {
      type: QueryTypes.SELECT,
    })
    const there = new Set(kept.map(({ id }) => id))
    expect(acknowledged.filter((id) => !there.has(id))).toEqual([])
    expect(new Set(acknowledged).size).toBe(acknowledged.length)
    expect(new Set(kept.map(({ name }) => name)).size).toBe(kept.length)
    const whole = await db.query<{ n: number }>(
      "SELECT COUNT(*) AS n FROM households WHERE JSON_VALUE(document, '$.people[0].name') = 'Ro'",
      { type: QueryTypes.SELECT },
    )
    expect(Number(whole[0]!.n)).toBe(kept.length)
  })
})

describe('a disk that is full', () => {
  it('is known for what it is', async () => {
    const small = await startMariaDb(join(folder, 'small'), {
      more: ['--innodb-file-per-table=0', '--innodb-data-file-path=ibdata1:12M:autoextend:max:16M'],
    })
    const own = connect(small.url())
    try {
      await own.query('CREATE TABLE heap (id INT PRIMARY KEY, what LONGTEXT)', { type: QueryTypes.RAW })
      const fill = async () => {
        for (let id = 0; id < 100; id++)
          await inTransaction(
            (transaction) =>
              own.query('INSERT INTO heap VALUES (:id, REPEAT(:id, 500000))', {
                type: QueryTypes.RAW,
                replacements: { id },
                transaction,
              }),
            own,
          )
      }
      const failure: unknown = await fill().catch((one: unknown) => one)
      expect(isFull(failure)).toBe(true)
      expect(isFull(new Error('anything else'))).toBe(false)
    } finally {
      await own.close()
      await small.stop()
    }
  })
})

describe('a database that takes no writes', () => {
  it('is known for what it is', async () => {
    const still = await startMariaDb(join(folder, 'still'), { more: ['--read-only'] })
    const own = connect(still.url())
    try {
      const write = own.query('CREATE TABLE heap (id INT PRIMARY KEY)', { type: QueryTypes.RAW })
      const failure: unknown = await write.then(
        () => undefined,
        (one: unknown) => one,
      )
      expect([isReadOnly(failure), isFull(failure)]).toEqual([true, false])
      expect(isReadOnly(new Error('anything else'))).toBe(false)
    } finally {
      await own.close()
      await still.stop()
    }
  })
})
