import { createHmac, timingSafeEqual } from 'node:crypto'
import { settings } from '../settings'

/** Half of SHA-256: 128 bits that nobody guesses. */
const SEAL_BYTES = 16
const ID_BYTES = 16

/** What a link opens: a seal for one thing opens no other. */
type Purpose = 'page taken home' | 'password'

/**
 * What stands in a link in place of an id: the id and a seal over it (HMAC-SHA-256, RFC 2104) by the server's secret, as
 * base64url. It stands in no table: whoever reads the database has no link. With another secret all links end.
 */
export function linkToken(id: string, purpose: Purpose = 'page taken home'): string {
  const bytes = Buffer.from(id.replaceAll('-', ''), 'hex')
  return Buffer.concat([bytes, seal(bytes, purpose)]).toString('base64url')
}

/** The id that a token stands for; undefined for one that we did not seal. */
export function idOfLink(token: string, purpose: Purpose = 'page taken home'): string | undefined {
  if (!/^[\w-]{43}$/.test(token)) return undefined
  const bytes = Buffer.from(token, 'base64url')
  const id = bytes.subarray(0, ID_BYTES)
  if (bytes.length !== ID_BYTES + SEAL_BYTES) return undefined
  if (!timingSafeEqual(bytes.subarray(ID_BYTES), seal(id, purpose))) return undefined
  return id.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
}

const seal = (id: Buffer, purpose: Purpose): Buffer =>
  createHmac('sha256', settings().sessionSecret).update(`${purpose} `).update(id).digest().subarray(0, SEAL_BYTES)
