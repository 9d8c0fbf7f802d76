import { QueryTypes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES } from '@hitchet/core/rules/houseRules'
import { unit } from '@hitchet/core/testing/unit'
import { ownDatabase } from '../testing/database'
import { accountByEmail } from './people/accounts'
import { connect, database } from './database'
import { factsFrom } from './factsText'
import { yardFacts } from '../services/cache/facts'
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
  '011-erased',
  '012-accounts',
  '013-failed',
  '014-house-rules',
]
const KEPT = ['kept_answers', 'kept_waits', 'chores', 'sign_in_attempts']
const OFFICE = [
  'sessions',
  'taken_out',
  'set_aside',
  'faults',
  'one_time_links',
  'house_settings',
  'house_rules',
  'house_events',
]
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
    'household_ids',
    'erased',
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
        'household_ids',
        'erased',
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
      'erased.household_id',
      'faults.id',
      'follow_ups.id',
      'house_events.id',
      'house_rules.id',
      'house_settings.name',
      'household_ids.id',
      'households.id',
      'kept_answers.household_id',
      'kept_answers.trailer_id',
      'kept_waits.household_id',
      'kept_waits.trailer_id',
      'one_time_links.id',
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
    // A chore and a setting are known by their names, tries by an email.
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

  it('what hangs on no household any more goes, what hangs on one that was put aside stays, and no message has a link', async () => {
    const db = database()
    await empty()
    await migrate(db, '010-likely')
    const [here, aside, gone] = [1, 2, 3].map((i) => `01a211c0-e19f-705b-a140-3081076aadf${i}`) as [
      string,
      string,
      string,
    ]
    const run = (sql: string, replacements: Record<string, unknown> = {}) =>
      db.query(sql, { type: QueryTypes.RAW, replacements })
    await run(
      "INSERT INTO households (id, name, version, document, created_at, updated_at) VALUES (:here, 'X', 1, '{}', NOW(), NOW())",
      { here },
    )
    await run("INSERT INTO set_aside VALUES (:aside, 'household', 'Y', '{', 'not JSON', NOW())", { aside })
    for (const id of [here, aside, gone]) {
      await run("INSERT INTO contacts VALUES (:id, 1, '{}', NULL, NOW(), NOW())", { id })
      const words = 'Here it is:\n\nhttps://lot.example/at-home/AbC_-9\n\nAda'
      await run("INSERT INTO outgoing VALUES (UUID(), :id, 'email', 'a@b.example', 'S', :words, NULL, NOW())", {
        id,
        words,
      })
      await run(
        "INSERT INTO walk_events VALUES (UUID(), 'T-1', :id, 'shown', 'the bath', '{\"point\":\"p\"}', '{}', NOW(), NULL, NOW())",
        { id },
      )
    }
    await migrate(db)
    const ids = async (table: string) =>
      (await db.query<{ id: string | null }>(`SELECT household_id AS id FROM ${table}`, { type: QueryTypes.SELECT }))
        .map(({ id }) => id)
        .sort()
    expect(await ids('contacts')).toEqual([here, aside])
    expect(await ids('walk_events')).toEqual([here, aside, null].sort())
    const messages = await db.query<{ words: string }>('SELECT words FROM outgoing', { type: QueryTypes.SELECT })
    expect(messages.map(({ words }) => words)).toEqual(Array(2).fill('Here it is:\n\n{link}\n\nAda'))
    const [late] = await db.query<{ about: string }>('SELECT about FROM walk_events WHERE household_id IS NULL', {
      type: QueryTypes.SELECT,
    })
    expect(late).toEqual({ about: '' })
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
