import { createHash } from 'node:crypto'
import { QueryTypes, type Sequelize } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import { unit } from '@hitchet/core/testing/unit'
import { ownDatabase } from '../testing/database'
import { takeOutNow } from '../testing/softDeleted'
import { addAccount } from './people/accounts'
import { archiveLines, checkArchive, erasedIn, restoreArchive } from './archive'
import { connect, database, inTransaction } from './database'
import { addHouseholds } from './households'
import { models } from './models'
import { saveTrailers } from './trailers'

ownDatabase('archive')

const FRESH = () => process.env.DATABASE_URL!.replace(/\w+$/, 'hitchet_restored')
let fresh: Sequelize
let lines: string[]

const all = async (source: AsyncIterable<string>) => {
  const found: string[] = []
  for await (const line of source) found.push(line)
  return found
}
/** With a foot that says it is whole. */
const sealed = (text: readonly string[]) => [
  ...text,
  JSON.stringify({
    rows: {},
    sha256: createHash('sha256')
      .update(text.map((line) => `${line}\n`).join(''))
      .digest('hex'),
  }),
]
async function* from(some: readonly string[]) {
  yield* some
}

beforeAll(async () => {
  const { id } = await addAccount({ name: 'Zoë “Z” Ørn', email: 'zoe@lot.example', role: 'manager', passwordHash: 'h' })
  const units = Array.from({ length: 130 }, (_, i) => ({ ...unit(), stock: `A-${i}` }))
  const odd = household([person({ name: "O'Dea \\ ?:id" })], { name: "The O'Deas — 100 % :name ?" })
  await inTransaction((transaction) => saveTrailers(units, id, transaction))
  const [they] = await inTransaction((transaction) => addHouseholds([odd], id, transaction))
  await models().ContactRow.create({ householdId: they!, document: { email: 'o@dea.example' }, updatedBy: null })
  await models().FollowUpRow.create({ id: uuid(), householdId: they!, dueOn: '2026-12-24', why: 'call', madeBy: id })
  lines = await all(archiveLines(database()))
})
beforeEach(async () => {
  await fresh?.close()
  await database().query('DROP DATABASE IF EXISTS hitchet_restored', { type: QueryTypes.RAW })
  await database().query('CREATE DATABASE hitchet_restored CHARACTER SET utf8mb4', { type: QueryTypes.RAW })
  fresh = connect(FRESH())
})
afterAll(async () => {
  await fresh?.close()
  await database().query('DROP DATABASE IF EXISTS hitchet_restored', { type: QueryTypes.RAW })
})

describe('an archive of the lot', () => {
  it('restored into a fresh database has every row as it was: the archive of that one is the same, letter by letter', async () => {
    const counted = await restoreArchive(fresh, from(lines))
    expect(counted).toMatchObject({ accounts: 1, trailers: 130, households: 1, contacts: 1, follow_ups: 1 })
    expect(await all(archiveLines(fresh))).toEqual(lines)
  })

  it('one of an older release is brought along to today’s tables', async () => {
    const old = lines.map((line, i) =>
      i === 0 ? line.replace(/"migrations":\[.*\]/, '"migrations":["001-first-tables"]') : line,
    )
    const rows = old
      .filter((line) => /"table":"(accounts|trailers)"/.test(line))
      .map((line) => line.replace(/,"second_factor\w*":null/g, ''))
    await restoreArchive(fresh, from(sealed([old[0]!, ...rows])))
    const [{ n }] = (await fresh.query('SELECT COUNT(*) AS n FROM sessions', { type: QueryTypes.SELECT })) as [
      { n: number },
    ]
    expect(Number(n)).toBe(0)
    expect((await all(archiveLines(fresh))).filter((line) => line.includes('"table":"trailers"'))).toHaveLength(130)
  })

  it('that was cut short, changed, or is something else is named, and nothing of it is restored', async () => {
    const changed = lines.map((line, i) => (i === 9 ? line.replace('A-', 'B-') : line))
    for (const [spoiled, says] of [
      [lines.slice(0, 60), /it ends after line 60, before it is whole/],
      [changed, /something in it was changed or lost/],
      [['{"hello":1}'], /line 1: this is no archive of Hitchet/],
      [[], /it is empty/],
      [['null'], /line 1: this is no line of an archive/],
      [lines.slice(1), /line 1: this is no archive of Hitchet/],
      [[lines[0]!.replace('"001-', '"999-'), ...lines.slice(1)], /made by a newer Hitchet \(999-first-tables\)/],
      [[...lines.slice(0, 5), '{'], /line 6: what stands there is no JSON/],
    ] as const) {
      await expect(checkArchive(from(spoiled))).rejects.toThrow(says)
      await expect(restoreArchive(fresh, from(spoiled))).rejects.toThrow(says)
      const tables = await fresh.query('SHOW TABLES', { type: QueryTypes.SELECT })
      if (tables.length) {
        const [row] = await fresh.query<{ n: number }>('SELECT COUNT(*) AS n FROM trailers', {
          type: QueryTypes.SELECT,
        })
        expect(Number(row!.n)).toBe(0)
      }
    }
  })

  it('made before somebody was erased: they are erased again, with all that hangs on them, by what a later one tells', async () => {
    const [they] = await database().query<{ id: string }>('SELECT id FROM households', { type: QueryTypes.SELECT })
    await takeOutNow(they!.id)
    const later = await all(archiveLines(database()))
    expect(await erasedIn(from(later))).toEqual([they!.id])
    const counted = await restoreArchive(fresh, from(lines), await erasedIn(from(later)))
    expect(counted).toMatchObject({ households: 1, contacts: 1 })
    const now = await all(archiveLines(fresh))
    expect(now.filter((line) => line.includes(they!.id)).map((line) => JSON.parse(line).table)).toEqual(['erased'])
    expect(now.join(' ')).not.toContain('dea.example')
  })

  it.each(['id`) VALUES (1); DROP TABLE accounts; -- ', 'shoe_size'])(
    'with a column %s is refused by name',
    async (name) => {
      const spoiled = sealed(lines.slice(0, -1).map((line) => line.replace('"why":', `${JSON.stringify(name)}:`)))
      await expect(restoreArchive(fresh, from(spoiled))).rejects.toThrow(/a row of follow_ups has “(id`|shoe_size)/)
      const [row] = await fresh.query<{ n: number }>('SELECT COUNT(*) AS n FROM accounts', { type: QueryTypes.SELECT })
      expect(Number(row!.n)).toBe(0)
    },
  )

  it('goes into no database that has something in it', async () => {
    await restoreArchive(fresh, from(lines))
    await expect(restoreArchive(fresh, from(lines))).rejects.toThrow(
      /the database is not empty: there are 1 rows in accounts/,
    )
  })
})
