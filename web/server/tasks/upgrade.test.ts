import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { everybody } from '../db/people/accounts'
import { archiveLines, restoreArchive } from '../db/archive'
import { database } from '../db/database'
import { allHouseholds } from '../db/households'
import { setAsideUnreadable } from '../services/documents'
import { rankedYard } from '../services/cache/answerCache'
import { ownDatabase } from '../testing/database'
import { linesOf } from './archiveFile'

/** Archives of a few units and families, each made by the program as it was when that issue landed. */
const OLD = ['issue-32', 'issue-33', 'issue-34']
const archive = (name: string) => join(import.meta.dirname, '..', 'testing', 'upgrades', `${name}.gz`)

interface OldRow {
  table: string
  row: Record<string, unknown>
}

async function rowsIn(lines: AsyncIterable<string>): Promise<OldRow[]> {
  const rows: OldRow[] = []
  for await (const line of lines) {
    const value = JSON.parse(line) as Partial<OldRow>
    if (value.table && value.row) rows.push(value as OldRow)
  }
  return rows
}

describe.each(OLD)('what a program as it was when %s landed has kept', (name) => {
  ownDatabase(`upgrade_${name.replace('-', '_')}`, { migrated: false })

  it('is there to the last value, is read, and the yard is ranked for everybody', async () => {
    const old = await rowsIn(linesOf(archive(name)))
    expect(new Set(old.map(({ table }) => table))).toEqual(
      new Set([
        'accounts',
        'trailers',
        'households',
        'walk_events',
        'take_homes',
        'contacts',
        'follow_ups',
        ...(name === 'issue-34' ? ['household_ids'] : []),
      ]),
    )
    await restoreArchive(database(), linesOf(archive(name)))
    const now = new Map(
      (await rowsIn(archiveLines(database()))).map(({ table, row }) => [
        `${table} ${row['id'] ?? row['household_id']}`,
        row,
      ]),
    )
    for (const { table, row } of old) expect(now.get(`${table} ${row['id'] ?? row['household_id']}`)).toMatchObject(row)
    expect(await setAsideUnreadable()).toMatchObject({ setAside: 0 })
    expect((await everybody()).map(({ role }) => role).sort()).toEqual(['consultant', 'lot hand', 'manager'])
    const households = await allHouseholds()
    expect(households).toHaveLength(2)
    for (const { id } of households) expect(await rankedYard(id)).toMatchObject({ open: 0, units: { length: 3 } })
  })
})
