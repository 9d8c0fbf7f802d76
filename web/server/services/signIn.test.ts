import { beforeAll, describe, expect, it } from 'vitest'
import { hashPassword, passwordMatches } from '../auth/password'
import { accountById, addAccount } from '../db/accounts'
import { BadSettings, settings } from '../settings'
import { ownDatabase } from '../testing/database'
import { sameOrigin } from '../auth/guard'
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

describe('signing in', () => {
  it('the right password, whatever the email’s capitals', async () => {
    const { account } = await checkSignIn(' maren@lot.EXAMPLE ', 'a long password')
    expect(account).toMatchObject({ name: 'Maren', role: 'consultant' })
    expect(await accountById(account!.id)).toEqual(account)
  })

  it('a wrong password and an unknown email are answered alike', async () => {
    const wrong = await checkSignIn('maren@lot.example', 'guess')
    const unknown = await checkSignIn('nobody@lot.example', 'guess')
    expect(wrong.account).toBeUndefined()
    expect(wrong).toEqual(unknown)
  })

  it('after ten wrong guesses even the right one has to wait', async () => {
    for (let i = 0; i < 10; i++) await checkSignIn('guessed@lot.example', 'guess')
    expect(await checkSignIn('guessed@lot.example', 'guess')).toMatchObject({
      says: expect.stringMatching(/Too many attempts/),
    })
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

describe('a write must come from our own page', () => {
  const from = (origin?: string) =>
    new Request('http://lot.example/api/x', {
      method: 'POST',
      headers: { host: 'lot.example', ...(origin !== undefined && { origin }) },
    })
  it.each([
    ['http://lot.example', true],
    ['https://lot.example', true],
    ['http://evil.example', false],
    ['null', false],
    [undefined, false],
  ])('origin %s: %s', (origin, allowed) => expect(sameOrigin(from(origin))).toBe(allowed))
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
