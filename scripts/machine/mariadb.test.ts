import { existsSync, mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { QueryTypes } from 'sequelize'
import { afterAll, describe, expect, it } from 'vitest'
import { connect } from '../../web/server/db/database'
import { startMariaDb } from './mariadb.mjs'
import { isAlive } from './processes.mjs'

const scratch = mkdtempSync(join(tmpdir(), 'hitchet-own-'))
const folder = join(scratch, 'db')
afterAll(() => rmSync(scratch, { recursive: true, force: true }))
const pid = () => Number(readFileSync(join(folder, 'server.pid'), 'utf8'))

describe('a MariaDB of our own', () => {
  it('comes up from nothing, keeps what was written over a restart, and leaves no process', async () => {
    const first = await startMariaDb(folder)
    const db = connect(first.url())
    await db.query('CREATE TABLE kept (id CHAR(36) PRIMARY KEY)', { type: QueryTypes.RAW })
    await db.close()
    const before = pid()
    await first.stop()
    expect(isAlive(before)).toBe(false)
    expect(existsSync(join(folder, 'server.pid'))).toBe(false)

    const second = await startMariaDb(folder)
    const again = connect(second.url())
    expect(
      await again.query("SELECT table_name AS name FROM information_schema.tables WHERE table_name = 'kept'", {
        type: QueryTypes.SELECT,
      }),
    ).toEqual([{ name: 'kept' }])
    await again.close()
    await second.stop()
  })

  it('its password is nobody else’s to read, and wrong ones do not open it', async () => {
    expect(statSync(join(folder, 'password')).mode & 0o077).toBe(0)
    const server = await startMariaDb(folder)
    const stranger = connect(server.url().replace(/:[0-9a-f]{48}@/, ':guess@'))
    await expect(stranger.authenticate()).rejects.toThrow(/Access denied/)
    await stranger.close()
    await server.stop()
  })

  it('one left over from a killed start is ended before the next opens its files', async () => {
    const left = await startMariaDb(folder)
    const before = pid()
    const next = await startMariaDb(folder)
    expect(isAlive(before)).toBe(false)
    expect(pid()).not.toBe(before)
    await next.stop()
    await left.stop()
  })
})
