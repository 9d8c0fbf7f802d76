import { sealData, unsealData } from 'iron-session'
import { Secret, TOTP } from 'otpauth'
import { settings } from '../settings'

/**
 * A code that an app on somebody's phone shows anew every 30 s (TOTP, RFC 6238, with the RFC's own SHA-1, six digits), as a second
 * factor beside the password. A code of the step before or after is taken: clocks differ.
 */
const PERIOD = 30
const WINDOW = 1

/** So long somebody may take from seeing a new secret to typing its first code, seconds. */
const TO_CONFIRM = 15 * 60

const totp = (secret: Secret, email: string): TOTP =>
  new TOTP({ issuer: 'Hitchet', label: email, algorithm: 'SHA1', digits: 6, period: PERIOD, secret })

/** A new secret: as an app takes it from a picture, as it is typed, and sealed for its way to the browser and back. */
export async function newSecret(account: {
  id: string
  email: string
}): Promise<{ uri: string; typed: string; sealed: string }> {
  const secret = new Secret({ size: 20 })
  const sealed = await sealData({ account: account.id, secret: secret.base32 }, { ...sealing(), ttl: TO_CONFIRM })
  return { uri: totp(secret, account.email).toString(), typed: secret.base32, sealed }
}

/** The secret that a browser sends back, as it is kept; undefined when it is somebody else's, too old, or not ours. */
export async function confirmedSecret(
  account: { id: string; email: string },
  sealed: string,
  code: string,
): Promise<{ kept: string; step: number } | undefined> {
  const opened = await unsealData<{ account?: string; secret?: string }>(sealed, { ...sealing(), ttl: TO_CONFIRM })
  if (opened.account !== account.id || !opened.secret) return undefined
  const step = stepOf(opened.secret, code)
  return step === undefined ? undefined : { kept: await sealData(opened, { ...sealing(), ttl: 0 }), step }
}

/** The step in time that a code is of; undefined: it is of none near now. What cannot be unsealed opens nothing. */
export async function stepOfCode(account: string, kept: string, code: string): Promise<number | undefined> {
  const opened = await unsealData<{ account?: string; secret?: string }>(kept, { ...sealing(), ttl: 0 })
  return opened.account === account && opened.secret ? stepOf(opened.secret, code) : undefined
}

function stepOf(secret: string, code: string): number | undefined {
  const now = Date.now()
  const delta = totp(Secret.fromBase32(secret), '').validate({
    token: code.replace(/\s/g, ''),
    window: WINDOW,
    timestamp: now,
  })
  return delta === null ? undefined : Math.floor(now / 1000 / PERIOD) + delta
}

const sealing = () => ({ password: settings().sessionSecret })
