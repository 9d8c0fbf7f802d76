import { QueryTypes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES } from '@hitchet/core/rules/houseRules'
import { unit } from '@hitchet/core/testing/unit'
import { ownDatabase } from '../testing/database'
import { accountByEmail } from './accounts'
import { connect, database } from './database'
import { factsFrom } from './factsText'
import { yardFacts } from '../services/facts'
import { migrate, missingMigrations, NewerDatabase } from './migrate'
import { trailersByStock } from './trailers'

ownDatabase('migrate', { migrated: false })

const columns = () =>
  database().query<{ place: string; key: string; type: string }>(
    `SELECT CONCAT(table_name, '.', column_name) AS place, column_key AS \`key\`, column_type AS type
       FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name <> 'migrations'`,
    { type: QueryTypes.SELECT },
  )

const ALL = [
  '001-first-tables',
  '002-facts-by-key',
  '003-exact-emails',
  '004-walk-events',
  '005-afterwards',
  '006-kept-answers',
  '007-one-import-at-a-time',
  '008-sessions',
  '009-office',
  '010-likely',
]
const KEPT = ['kept_answers', 'kept_waits', 'chores', 'sign_in_attempts']
const OFFICE = ['sessions', 'taken_out', 'set_aside', 'faults']
const AFTERWARDS = ['take_homes', 'contacts', 'outgoing', 'follow_ups']

/** The tables go, those that hang on others first. */
const empty = async () => {
  for (const table of [
    ...AFTERWARDS,
    ...KEPT,
    ...OFFICE,
    'walk_events',
    'trailer_facts',
    'trailers',
    'households',
    'accounts',
    'migrations',
  ])
    await database().query(`DROP TABLE ${table}`, { type: QueryTypes.RAW })
}

describe('migrations', () => {
  it('make all tables from an empty database, and run once', async () => {
    expect(await migrate(database())).toEqual(ALL)
    expect(await migrate(database())).toEqual([])
    const tables = new Set((await columns()).map(({ place }) => place.split('.')[0]))
    expect(tables).toEqual(
      new Set([
        'accounts',
        'trailers',
        'trailer_facts',
        'households',
        'walk_events',
        ...AFTERWARDS,
        ...KEPT,
        ...OFFICE,
      ]),
    )
  })

  it('every table has one primary key made by the application, for a cluster without auto-increment', async () => {
    const keys = (await columns()).filter(({ key }) => key === 'PRI')
    expect(keys.map(({ place }) => place).sort()).toEqual([
      'accounts.id',
      'chores.name',
      'contacts.household_id',
      'faults.id',
      'follow_ups.id',
      'households.id',
      'kept_answers.household_id',
      'kept_answers.trailer_id',
      'kept_waits.household_id',
      'kept_waits.trailer_id',
      'outgoing.id',
      'sessions.id',
      'set_aside.id',
      'sign_in_attempts.key',
      'take_homes.id',
      'taken_out.household_id',
      'trailer_facts.trailer_id',
      'trailers.id',
      'walk_events.id',
    ])
    // A chore is known by its name, tries by an email.
    expect(new Set(keys.map(({ type }) => type))).toEqual(new Set(['char(36)', 'varchar(40)', 'varchar(255)']))
    const counted = await database().query(
      "SELECT 1 FROM information_schema.columns WHERE table_schema = DATABASE() AND extra LIKE '%auto_increment%'",
      { type: QueryTypes.SELECT },
    )
    expect(counted).toEqual([])
  })

  it('from the release before, with what was kept in it: units and people stay, facts are made anew', async () => {
    const db = database()
    const run = (sql: string) => db.query(sql, { type: QueryTypes.RAW })
    await empty()
    expect(await migrate(db, '001-first-tables')).toEqual(['001-first-tables'])
    const [id, now] = ["'01a211c0-e19f-705b-a140-3081076aadf1'", "'2026-11-01', '2026-11-01'"]
    const document = JSON.stringify({ ...unit(), stock: 'OLD-1' })
    await db.query(`INSERT INTO trailers VALUES (${id}, 'OLD-1', 3, :document, NULL, ${now})`, {
      type: QueryTypes.RAW,
      replacements: { document },
    })
    await run(`INSERT INTO trailer_facts VALUES (${id}, 3, 4, '{}')`)
    await run(`INSERT INTO accounts VALUES (${id}, 'Maren', 'maren@lot.example', 'consultant', 'x', ${now})`)
    expect(await migrate(db)).toEqual(ALL.slice(1))
    expect(await trailersByStock(['OLD-1'])).toMatchObject([{ version: 3, trailer: { stock: 'OLD-1' } }])
    const [facts] = await yardFacts(DEFAULT_HOUSE_RULES)
    expect(factsFrom(facts!.facts)).toMatchObject({ price: { asking: expect.any(Number) } })
    expect(await accountByEmail('Maren@lot.example')).toBeDefined()
    expect(await accountByEmail('marén@lot.example')).toBeUndefined()
  })

  it('two processes at an empty database: one does it, the other waits and finds nothing left', async () => {
    await empty()
    const other = connect(process.env.DATABASE_URL!)
    const ran = await Promise.all([migrate(database()), migrate(other)])
    await other.close()
    expect(ran.map((names) => names.length).sort()).toEqual([0, ALL.length])
    expect(ran.flat()).toEqual(ALL)
  })

  it('a database of a newer program refuses this one, and is left as it is', async () => {
    await database().query("INSERT INTO migrations (name) VALUES ('999-of-tomorrow')", { type: QueryTypes.RAW })
    await expect(migrate(database())).rejects.toThrow(
      'the database was written by a newer Hitchet (999-of-tomorrow): install that one, or restore an older backup',
    )
    await expect(missingMigrations(database())).rejects.toThrow(NewerDatabase)
    await database().query("DELETE FROM migrations WHERE name = '999-of-tomorrow'", { type: QueryTypes.RAW })
    expect(await missingMigrations(database())).toEqual([])
  })
})
