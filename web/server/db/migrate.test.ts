import { QueryTypes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { ownDatabase } from '../testing/database'
import { database } from './database'
import { migrate } from './migrate'

ownDatabase('migrate', { migrated: false })

const columns = () =>
  database().query<{ place: string; key: string; type: string }>(
    "SELECT CONCAT(table_name, '.', column_name) AS place, column_key AS `key`, column_type AS type FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name <> 'migrations'",
    { type: QueryTypes.SELECT },
  )

describe('migrations', () => {
  it('make all tables from an empty database, and run once', async () => {
    expect(await migrate(database())).toEqual(['001-first-tables'])
    expect(await migrate(database())).toEqual([])
    const tables = new Set((await columns()).map(({ place }) => place.split('.')[0]))
    expect(tables).toEqual(new Set(['accounts', 'trailers', 'trailer_facts', 'households']))
  })

  it('every table has one primary key made by the application, for a cluster without auto-increment', async () => {
    const keys = (await columns()).filter(({ key }) => key === 'PRI')
    expect(keys.map(({ place }) => place).sort()).toEqual([
      'accounts.id',
      'households.id',
      'trailer_facts.trailer_id',
      'trailers.id',
    ])
    expect(new Set(keys.map(({ type }) => type))).toEqual(new Set(['char(36)']))
    const counted = await database().query(
      "SELECT 1 FROM information_schema.columns WHERE table_schema = DATABASE() AND extra LIKE '%auto_increment%'",
      { type: QueryTypes.SELECT },
    )
    expect(counted).toEqual([])
  })
})
