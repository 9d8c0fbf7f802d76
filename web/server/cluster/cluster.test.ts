import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { QueryTypes, type Sequelize } from 'sequelize'
import { afterAll, beforeAll, expect, it, vi } from 'vitest'
import { startCluster } from '../../../scripts/machine/galera.mjs'
import { connect } from '../db/database'
import { migrate } from '../db/migrate'
import { startWriter, type Said } from '../testing/startWriter'

const folder = mkdtempSync(join(tmpdir(), 'hitchet-cluster-'))
let cluster: Awaited<ReturnType<typeof startCluster>>
let db: Sequelize

beforeAll(async () => {
  cluster = await startCluster(folder)
  db = connect(cluster.url())
  await migrate(db)
})
afterAll(async () => {
  await db?.close()
  await cluster?.stop()
  rmSync(folder, { recursive: true, force: true })
})

const kept = (on: Sequelize) =>
  on.query<{ id: string; name: string }>('SELECT id, name FROM households ORDER BY id', { type: QueryTypes.SELECT })

it('one node of three is killed while people save and read: nobody is refused, nothing acknowledged is lost or doubled', async () => {
  const said: Said = { acknowledged: [], again: 0 }
  const until = (count: number) =>
    vi.waitFor(() => expect(said.acknowledged.length).toBeGreaterThanOrEqual(count), { timeout: 120_000, interval: 20 })
  const child = startWriter(0, cluster.url(), said)
  await until(300)
  let reads = 0
  let isOver = false
  const reading = Array.from({ length: 4 }, async () => {
    for (; !isOver; reads++) await db.query('SELECT COUNT(*) FROM households', { type: QueryTypes.SELECT })
  })
  const before = reads
  process.kill(cluster.nodes[0]!.pid!, 'SIGKILL')
  await until(1_200)
  await vi.waitFor(() => expect(reads).toBeGreaterThan(before + 100), { timeout: 60_000 })
  isOver = true
  // A read that was refused would have ended its reader.
  await Promise.all(reading)
  const ended = once(child, 'close')
  child.kill('SIGKILL')
  await ended

  // Eight were saving when the node went: each tried the same once more.
  expect(said.again).toBeLessThanOrEqual(8)
  const left = await Promise.all(
    cluster.nodes.slice(1).map(async (node) => {
      const own = connect(node.url())
      // A node answers once it has all that the others had when it was asked.
      const rows = await own.transaction(async (transaction) => {
        await own.query('SET SESSION wsrep_sync_wait = 1', { type: QueryTypes.RAW, transaction })
        return own.query<{ id: string; name: string }>('SELECT id, name FROM households ORDER BY id', {
          type: QueryTypes.SELECT,
          transaction,
        })
      })
      await own.close()
      return rows
    }),
  )
  expect(left[1]).toEqual(left[0])
  const there = new Set(left[0]!.map(({ id }) => id))
  expect(said.acknowledged.filter((id) => !there.has(id))).toEqual([])
  expect(new Set(left[0]!.map(({ name }) => name)).size).toBe(left[0]!.length)
  expect((await kept(db)).length).toBe(left[0]!.length)
})
