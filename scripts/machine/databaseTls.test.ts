import { execFileSync } from 'node:child_process'
import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { connect } from '../../web/server/db/database'
import { startMariaDb } from './mariadb.mjs'

const folder = mkdtempSync(join(tmpdir(), 'hitchet-tls-'))
const at = (name: string) => join(folder, name)
let database: Awaited<ReturnType<typeof startMariaDb>>

/** A certificate of its own for a server, under an authority of its own (OpenSSL). */
function certify(name: string, subject: string): void {
  const openssl = (...args: string[]) => execFileSync('openssl', args, { stdio: 'pipe' })
  openssl(
    'req',
    '-x509',
    '-newkey',
    'rsa:2048',
    '-nodes',
    '-days',
    '2',
    '-subj',
    `/CN=${name}`,
    '-keyout',
    at(`${name}.key`),
    '-out',
    at(`${name}.ca`),
  )
  openssl(
    'req',
    '-newkey',
    'rsa:2048',
    '-nodes',
    '-subj',
    '/CN=database',
    '-keyout',
    at(`${name}-server.key`),
    '-out',
    at(`${name}.csr`),
  )
  writeFileSync(at(`${name}.ext`), `subjectAltName=${subject}`)
  openssl(
    'x509',
    '-req',
    '-days',
    '2',
    '-in',
    at(`${name}.csr`),
    '-CA',
    at(`${name}.ca`),
    '-CAkey',
    at(`${name}.key`),
    '-CAcreateserial',
    '-extfile',
    at(`${name}.ext`),
    '-out',
    at(`${name}.crt`),
  )
}

const ca = (name: string) => readFileSync(at(`${name}.ca`), 'utf8')

async function whichCipher(options: { ca?: string }): Promise<string> {
  const db = connect(database.url(), options)
  try {
    const [row] = await db.query<{ cipher: string }>(
      "SELECT variable_value AS cipher FROM information_schema.session_status WHERE variable_name = 'Ssl_cipher'",
      { type: QueryTypes.SELECT },
    )
    return row!.cipher
  } finally {
    await db.close()
  }
}

beforeAll(async () => {
  certify('house', 'IP:127.0.0.1')
  certify('stranger', 'IP:127.0.0.1')
  chmodSync(folder, 0o755)
  chmodSync(at('house-server.key'), 0o644)
  database = await startMariaDb(at('db'), {
    more: [
      `--ssl-ca=${at('house.ca')}`,
      `--ssl-cert=${at('house.crt')}`,
      `--ssl-key=${at('house-server.key')}`,
      '--require-secure-transport=ON',
    ],
  })
}, 120_000)
afterAll(async () => {
  await database?.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('the way to the database', () => {
  it('is sealed by its certificate', async () => {
    expect(await whichCipher({ ca: ca('house') })).toMatch(/^(TLS_|ECDHE|DHE)/)
  })

  it('is not taken to one whose certificate is of somebody else, nor in clear where it asks for more', async () => {
    const tried = await Promise.allSettled([whichCipher({ ca: ca('stranger') }), whichCipher({})])
    expect(tried.map(({ status }) => status)).toEqual(['rejected', 'rejected'])
  })
})
