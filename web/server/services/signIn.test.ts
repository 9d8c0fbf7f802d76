import { beforeAll, describe, expect, it } from 'vitest'
import { hashPassword, passwordMatches } from '../auth/password'
import { accountById, addAccount } from '../db/accounts'
import { BadSettings, settings } from '../settings'
import { ownDatabase } from '../testing/database'
import { attemptsCounted } from '../db/attempts'
import { checkSignIn } from './signIn'

ownDatabase('signin')

beforeAll(async () => {
  await addAccount({
    name: 'Maren',
    email: 'Maren@Lot.example',
    role: 'consultant',
    passwordHash: await hashPassword('a long password'),
  })
})

const WRONG = 'Email and password do not go together.'

describe('signing in', () => {
  it('the right password, whatever the email’s capitals', async () => {
    const account = await checkSignIn(' maren@lot.EXAMPLE ', 'a long password')
    expect(account).toMatchObject({ name: 'Maren', role: 'consultant' })
    expect(await accountById(account.id)).toEqual(account)
  })

  it('a wrong password and an unknown email are answered alike', async () => {
    await expect(checkSignIn('maren@lot.example', 'guess')).rejects.toThrow(WRONG)
    await expect(checkSignIn('nobody@lot.example', 'guess')).rejects.toThrow(WRONG)
  })

  it('an address with an accent is another address: `mären@` is not `maren@`, and goes round no limit', async () => {
    for (const email of ['mären@lot.example', 'marén@lot.example', 'maren@lot.examplë']) {
      await expect(checkSignIn(email, 'a long password')).rejects.toThrow(WRONG)
    }
  })

  it('two that differ by an accent may both be people', async () => {
    const passwordHash = await hashPassword('another long one')
    await addAccount({ name: 'Mären', email: 'mären@lot.example', role: 'manager', passwordHash })
    expect(await checkSignIn('MÄREN@lot.example', 'another long one')).toMatchObject({ name: 'Mären' })
    expect(await checkSignIn('maren@lot.example', 'a long password')).toMatchObject({ name: 'Maren' })
  })

  it('after ten wrong guesses even the right one has to wait', async () => {
    for (let i = 0; i < 10; i++) await expect(checkSignIn('guessed@lot.example', 'guess')).rejects.toThrow(WRONG)
    await expect(checkSignIn('guessed@lot.example', 'guess')).rejects.toThrow(/Too many attempts/)
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

describe('configuration', () => {
  const good = { DATABASE_URL: 'mariadb://u:p@127.0.0.1:3306/hitchet', SESSION_SECRET: 's'.repeat(32) }
  it.each([
    [{}, /DATABASE_URL is missing: set it to mariadb:/],
    [{ ...good, DATABASE_URL: 'postgres://x' }, /DATABASE_URL is not of the form/],
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
