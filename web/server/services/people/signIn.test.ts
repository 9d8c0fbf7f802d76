import { beforeAll, describe, expect, it } from 'vitest'
import { hashPassword, passwordMatches } from '../../auth/password'
import { QueryTypes } from 'sequelize'
import { accountByEmail, accountById, addAccount, removeAccount } from '../../db/people/accounts'
import { database } from '../../db/database'
import { accountInSession, beginSession, endSession, endSessionsOf, openSessions } from '../../db/people/sessions'
import { BadSettings, settings } from '../../settings'
import { ownDatabase } from '../../testing/database'
import { attemptsCounted } from '../../db/people/attempts'
import { checkSignIn as checked } from './signIn'

ownDatabase('signin')

/** Who comes in by email and password alone. */
async function checkSignIn(email: string, password: string, address: string) {
  const account = await checked({ email, password }, address)
  if (account === 'code') throw new Error('a code was asked for')
  return account
}

beforeAll(async () => {
  await addAccount({
    name: 'Maren',
    email: 'Maren@Lot.example',
    role: 'consultant',
    passwordHash: await hashPassword('a long password'),
  })
})

/** The dealership's own line, and somebody else's. */
const HERE = '198.51.100.7'
const ELSEWHERE = '203.0.113.9'

const WRONG = 'Email and password do not go together.'
const TOO_MANY = 'Too many attempts. Wait a quarter of an hour, or ask your manager.'

describe('signing in', () => {
  it('the right password, whatever the email’s capitals', async () => {
    const account = await checkSignIn(' maren@lot.EXAMPLE ', 'a long password', HERE)
    expect(account).toMatchObject({ name: 'Maren', role: 'consultant' })
    expect(await accountById(account.id)).toEqual(account)
  })

  it('a wrong password and an unknown email are answered alike', async () => {
    await expect(checkSignIn('maren@lot.example', 'guess', HERE)).rejects.toThrow(WRONG)
    await expect(checkSignIn('nobody@lot.example', 'guess', HERE)).rejects.toThrow(WRONG)
  })

  it('an address with an accent is another address: `mären@` is not `maren@`, and goes round no limit', async () => {
    for (const email of ['mären@lot.example', 'marén@lot.example', 'maren@lot.examplë']) {
      await expect(checkSignIn(email, 'a long password', HERE)).rejects.toThrow(WRONG)
    }
  })

  it('two that differ by an accent may both be people', async () => {
    const passwordHash = await hashPassword('another long one')
    await addAccount({ name: 'Mären', email: 'mären@lot.example', role: 'manager', passwordHash })
    expect(await checkSignIn('MÄREN@lot.example', 'another long one', HERE)).toMatchObject({ name: 'Mären' })
    expect(await checkSignIn('maren@lot.example', 'a long password', HERE)).toMatchObject({ name: 'Maren' })
  })

  it('after ten wrong guesses even the right one has to wait', async () => {
    for (let i = 0; i < 10; i++) await expect(checkSignIn('guessed@lot.example', 'guess', HERE)).rejects.toThrow(WRONG)
    await expect(checkSignIn('guessed@lot.example', 'guess', HERE)).rejects.toThrow(/Too many attempts/)
  })

  it('an email of whatever spelling has ten guesses from one address, and no more', async () => {
    const passwordHash = await hashPassword('nobody guesses this one')
    const { email } = await addAccount({
      name: 'Ilse',
      email: 'ilse.brem@lot.example',
      role: 'consultant',
      passwordHash,
    })
    // 1,800 ways to write it: capitals, wide letters, blanks around it. Each is the same person, or nobody.
    const wide = (letter: string) => String.fromCharCode(letter.charCodeAt(0) + 0xfee0)
    const spelled = Array.from({ length: 1800 }, (_, i) => {
      const letters = [...email].map((letter, at) => {
        if (!/[a-z]/.test(letter)) return letter
        if ((i >> (at % 11)) & 1) return letter.toUpperCase()
        return i % 3 === 0 && at % 5 === i % 5 ? wide(letter) : letter
      })
      return `${' '.repeat(i % 4)}${letters.join('')}${i % 7 === 0 ? ' ' : ''}`
    })
    expect(new Set(spelled).size).toBeGreaterThan(1_500)
    const said: Record<string, number> = {}
    for (const spelling of spelled)
      await checkSignIn(spelling, 'guess', '192.0.2.1').catch(({ message }: Error) => {
        said[message] = (said[message] ?? 0) + 1
      })
    expect(said).toEqual({ [WRONG]: 10, [TOO_MANY]: 1790 })
  })

  it('a stranger elsewhere locks nobody out of where they come from', async () => {
    const maren = await checkSignIn('maren@lot.example', 'a long password', HERE)
    await beginSession(maren.id, HERE)
    for (let i = 0; i < 60; i++)
      await expect(checkSignIn('maren@lot.example', 'guess', `203.0.113.${i}`)).rejects.toThrow()
    await expect(checkSignIn('maren@lot.example', 'a long password', ELSEWHERE)).rejects.toThrow(TOO_MANY)
    expect(await checkSignIn('maren@lot.example', 'a long password', HERE)).toEqual(maren)
  })

  it('one address that tries many people is refused in the end', async () => {
    const said = new Set<string>()
    for (let i = 0; i < 101; i++)
      await checkSignIn(`somebody.${i}@lot.example`, 'guess', '192.0.2.77').catch((failure: Error) => {
        said.add(failure.message)
        if (i < 100) expect(failure.message).toBe(WRONG)
      })
    expect([...said]).toEqual([WRONG, TOO_MANY])
  })

  it('whichever process of the house is asked: tries are counted in the database, letter by letter', async () => {
    const [one, other] = [attemptsCounted({ points: 3, seconds: 60 }), attemptsCounted({ points: 3, seconds: 60 })]
    await Promise.all([
      one.consume('both@lot.example'),
      other.consume('both@lot.example'),
      one.consume('both@lot.example'),
    ])
    await expect(other.consume('both@lot.example')).rejects.toMatchObject({ consumedPoints: 4, remainingPoints: 0 })
    await expect(one.consume('bóth@lot.example')).resolves.toMatchObject({ remainingPoints: 2 })
    await one.delete('both@lot.example')
    await expect(other.consume('both@lot.example')).resolves.toMatchObject({ remainingPoints: 2 })
  })

  it('passwords are kept as argon2id, never twice alike', async () => {
    const [one, other] = [await hashPassword('same'), await hashPassword('same')]
    expect(one).toMatch(/^\$argon2id\$/)
    expect(one).not.toBe(other)
    expect(await passwordMatches(one, 'same')).toBe(true)
    expect(await passwordMatches(one, 'Same')).toBe(false)
    expect(await passwordMatches(undefined, 'same')).toBe(false)
  })
})

describe('a session', () => {
  const osei = async () =>
    (await accountByEmail('osei@lot.example'))?.account ??
    addAccount({
      name: 'Osei',
      email: 'osei@lot.example',
      role: 'manager',
      passwordHash: await hashPassword('long enough'),
    })

  it('is who signed in, until it is ended; a copy of its cookie opens nothing after that', async () => {
    const account = await osei()
    const [one, other] = [await beginSession(account.id, HERE), await beginSession(account.id, HERE)]
    expect(await accountInSession(one)).toEqual({ ...account, signedInUntil: expect.any(Date) })
    await endSession(one)
    expect(await accountInSession(one)).toBeUndefined()
    expect(await accountInSession(other)).toEqual({ ...account, signedInUntil: expect.any(Date) })
  })

  it('ends wherever it is when a manager or a new password ends it, and with the person', async () => {
    const account = await osei()
    const sessions = await Promise.all([HERE, ELSEWHERE].map((from) => beginSession(account.id, from)))
    expect((await openSessions()).get(account.id)!.open).toBeGreaterThanOrEqual(2)
    await endSessionsOf(account.id)
    for (const id of sessions) expect(await accountInSession(id)).toBeUndefined()
    const last = await beginSession(account.id, HERE)
    await removeAccount(account.id)
    expect(await accountInSession(last)).toBeUndefined()
  })

  it('is over after a working day', async () => {
    const id = await beginSession((await osei()).id, HERE)
    await database().query(`UPDATE sessions SET expires_at = NOW(3) - INTERVAL 1 SECOND WHERE id = '${id}'`, {
      type: QueryTypes.RAW,
    })
    expect(await accountInSession(id)).toBeUndefined()
  })

  it('tells nobody who reads the table whence it came', async () => {
    await beginSession((await osei()).id, HERE)
    const rows = await database().query('SELECT * FROM sessions', { type: QueryTypes.SELECT })
    expect(JSON.stringify(rows)).not.toContain(HERE)
  })
})

describe('configuration', () => {
  const good = { DATABASE_URL: 'mariadb://u:p@127.0.0.1:3306/hitchet', SESSION_SECRET: 's'.repeat(32) }
  it.each([
    [{}, /DATABASE_URL is missing: set it to mariadb:/],
    [{ ...good, DATABASE_URL: 'postgres://x' }, /DATABASE_URL is not of the form/],
    [{ ...good, DATABASE_URL: 'mariadb://u:50%off@h/n' }, /DATABASE_URL has a % in its password .* write %25/],
    [{ ...good, DATABASE_URL: 'mariadb://u:p@h:99999/n' }, /DATABASE_URL names port 99999 of h/],
    [{ ...good, SESSION_SECRET: ' '.repeat(32) }, /SESSION_SECRET is missing or short/],
    [{ ...good, HITCHET_PUBLIC_ADDRESS: 'lot.example' }, /HITCHET_PUBLIC_ADDRESS is lot.example/],
    [{ ...good, HOST: '0.0.0.0' }, /HITCHET_PUBLIC_ADDRESS is missing: with HOST=0.0.0.0/],
    [{ ...good, SESSION_SECRET: 'short' }, /SESSION_SECRET is missing or short/],
  ])('%o is refused in one line', (env, said) => {
    expect(() => settings(env)).toThrow(BadSettings)
    expect(() => settings(env)).toThrow(said)
  })

  it('cookies are for HTTPS only, except in the demo', () => {
    expect(settings(good).secureCookies).toBe(true)
    expect(settings({ ...good, HITCHET_DEMO: '1' }).secureCookies).toBe(false)
  })
})
