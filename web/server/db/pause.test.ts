import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { QueryTypes, type Sequelize } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startMariaDb } from '../../../scripts/machine/mariadb.mjs'
import { connect, inTransaction } from './database'

/** A server of its own, which may be stopped in the middle of its work. */
const folder = mkdtempSync(join(tmpdir(), 'hitchet-pause-'))
let server: Awaited<ReturnType<typeof startMariaDb>>
let db: Sequelize

beforeAll(async () => {
  server = await startMariaDb(join(folder, 'db'))
  db = connect(server.url())
  await db.query('CREATE TABLE notes (id INT PRIMARY KEY)', { type: QueryTypes.RAW })
})
afterAll(async () => {
  await db?.close()
  await server?.stop()
  rmSync(folder, { recursive: true, force: true })
})

const paused = async (ms: number, meanwhile: () => Promise<unknown>[]) => {
  process.kill(server.pid!, 'SIGSTOP')
  const asked = meanwhile()
  await new Promise((resolve) => setTimeout(resolve, ms))
  process.kill(server.pid!, 'SIGCONT')
  return Promise.allSettled(asked)
}

describe('a database that pauses for seconds, as at a failover', () => {
  it('costs nobody an answer, whoever asks meanwhile', async () => {
    const read = () => db.query('SELECT 1 AS one', { type: QueryTypes.SELECT })
    const answers = await paused(3_000, () => Array.from({ length: 40 }, read))
    expect(answers.filter(({ status }) => status === 'rejected')).toEqual([])
  })

  it('fifteen seconds of it, under load and after a quiet time: everybody is answered', async () => {
    await new Promise((resolve) => setTimeout(resolve, 12_000))
    const read = () => db.query('SELECT 2 AS two', { type: QueryTypes.SELECT })
    const write = (id: number) =>
      inTransaction(
        (transaction) => db.query(`INSERT INTO notes VALUES (${id})`, { type: QueryTypes.INSERT, transaction }),
        db,
      )
    const answers = await paused(15_000, () => [
      ...Array.from({ length: 60 }, read),
      ...Array.from({ length: 30 }, (_, i) => write(1_000 + i)),
    ])
    expect(answers.filter(({ status }) => status === 'rejected')).toEqual([])
    const [{ kept }] = (await db.query('SELECT COUNT(*) AS kept FROM notes WHERE id >= 1000', {
      type: QueryTypes.SELECT,
    })) as [{ kept: number }]
    expect(Number(kept)).toBe(30)
  })

  it('and loses no write, nor writes one twice', async () => {
    const write = (id: number) =>
      inTransaction(
        (transaction) => db.query(`INSERT INTO notes VALUES (${id})`, { type: QueryTypes.INSERT, transaction }),
        db,
      )
    const answers = await paused(3_000, () => Array.from({ length: 20 }, (_, id) => write(id)))
    expect(answers.filter(({ status }) => status === 'rejected')).toEqual([])
    const [{ kept }] = (await db.query('SELECT COUNT(*) AS kept FROM notes WHERE id < 1000', {
      type: QueryTypes.SELECT,
    })) as [{ kept: number }]
    expect(Number(kept)).toBe(20)
  })
})
