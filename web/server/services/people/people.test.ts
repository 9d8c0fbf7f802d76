import { QueryTypes } from 'sequelize'
import { Secret, TOTP } from 'otpauth'
import { beforeEach, describe, expect, it } from 'vitest'
import { linkToken } from '../../auth/linkToken'
import { hashPassword } from '../../auth/password'
import { addAccount, accountByEmail, type Account, type Role } from '../../db/people/accounts'
import { database } from '../../db/database'
import { latestEvents } from '../../db/people/houseEvents'
import { outbox } from '../../db/outbox'
import { accountInSession, beginSession } from '../../db/people/sessions'
import { ownDatabase } from '../../testing/database'
import { messagesHeld } from '../messages'
import {
  beginSecondFactor,
  behindPasswordLink,
  changeOwnPassword,
  choosePassword,
  dropOwnSecondFactor,
  dropSecondFactor,
  giveRole,
  invite,
  remove,
  requireSecondFactor,
  sendPasswordLink,
  setUpSecondFactor,
} from './people'
import { checkSignIn } from './signIn'

ownDatabase('people')

const OLD = 'kettle orbit walnut drizzle'
const NEW = 'gravel sonnet harbor ticket'
const HERE = '198.51.100.7'
let boss: Account
let hand: Account
let n = 0

const somebody = async (role: Role) =>
  addAccount({ name: `Nils ${++n}`, email: `nils${n}@lot.example`, role, passwordHash: await hashPassword(OLD) })

beforeEach(async () => {
  boss = await somebody('manager')
  hand = await somebody('lot hand')
})

/** The token of the latest link that went to somebody. */
async function tokenFor(email: string): Promise<string> {
  const [message] = (await messagesHeld({ ofHouse: true })).filter(({ recipient }) => recipient === email)
  return /\/welcome\/([\w-]{43})/.exec(message!.words)![1]!
}

const happened = async (about: string) =>
  (await latestEvents(50)).filter((one) => one.about === about).map(({ kind, by, detail }) => ({ kind, by, detail }))

const sqlOf = <T extends object>(sql: string) => database().query<T>(sql, { type: QueryTypes.SELECT })

describe('people of the house', () => {
  it('who is invited chooses a password by a link that works once', async () => {
    await invite({ name: 'Ida Rehn', email: 'Ida@Lot.example', role: 'consultant' }, boss)
    const token = await tokenFor('ida@lot.example')
    expect(await behindPasswordLink(token)).toMatchObject({ name: 'Ida Rehn' })
    await choosePassword(token, NEW)
    expect(await checkSignIn({ email: 'ida@lot.example', password: NEW }, HERE)).toMatchObject({ role: 'consultant' })
    expect(await behindPasswordLink(token)).toBeUndefined()
    await expect(choosePassword(token, OLD)).rejects.toThrow('This link does not work any more')
    expect(await happened('Ida Rehn')).toEqual([
      { kind: 'new password', by: null, detail: 'by a link' },
      { kind: 'invited', by: boss.name, detail: 'consultant' },
    ])
  })

  it('of two who open one link at once one gets through', async () => {
    await sendPasswordLink(hand.id, boss)
    const token = await tokenFor(hand.email)
    const both = await Promise.allSettled([choosePassword(token, NEW), choosePassword(token, `${NEW} two`)])
    expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected'])
  })

  it('the latest link alone works, and none after its time, or made up, or for a page taken home', async () => {
    await sendPasswordLink(hand.id, boss)
    const first = await tokenFor(hand.email)
    await sendPasswordLink(hand.id, boss)
    const second = await tokenFor(hand.email)
    expect(await behindPasswordLink(first)).toBeUndefined()
    expect(await behindPasswordLink(second)).toMatchObject({ id: hand.id })
    const [{ id }] = (await sqlOf<{ id: string }>('SELECT id FROM one_time_links WHERE used_at IS NULL LIMIT 1')) as [
      { id: string },
    ]
    expect(await behindPasswordLink(linkToken(id))).toBeUndefined()
    expect(await behindPasswordLink('A'.repeat(43))).toBeUndefined()
    await database().query('UPDATE one_time_links SET expires_at = NOW(3) - INTERVAL 1 SECOND')
    expect(await behindPasswordLink(second)).toBeUndefined()
  })

  it('a new password ends every session; one’s own change leaves the one it was made in', async () => {
    const [here, there] = [await beginSession(hand.id, HERE), await beginSession(hand.id, HERE)]
    await changeOwnPassword({ current: OLD, next: NEW }, hand, here)
    expect(await accountInSession(here)).toMatchObject({ id: hand.id })
    expect(await accountInSession(there)).toBeUndefined()
    await sendPasswordLink(hand.id, boss)
    await choosePassword(await tokenFor(hand.email), OLD)
    expect(await accountInSession(here)).toBeUndefined()
  })

  it('who does not know the old one changes nothing, and guesses ten times', async () => {
    for (let i = 0; i < 10; i++)
      await expect(changeOwnPassword({ current: 'guess', next: NEW }, hand, '')).rejects.toThrow('Nothing was changed')
    await expect(changeOwnPassword({ current: OLD, next: NEW }, hand, '')).rejects.toThrow('Too many attempts')
  })

  it('passwords that are tried first are told so: short ones, common ones, the house’s and one’s own name', async () => {
    for (const [next, why] of [
      ['short one', /12 or more/],
      ['password1234', /too easy to guess/],
      ['aaaaaaaaaaaaaaa', /too easy to guess/],
      [hand.email, /too easy to guess/],
      ['x'.repeat(1_001), /1000 at the most/],
    ] as const)
      await expect(changeOwnPassword({ current: OLD, next }, hand, '')).rejects.toThrow(why)
  })

  it('what goes to people of the house is read by managers alone, and holds no link', async () => {
    await sendPasswordLink(hand.id, boss)
    expect(await outbox({ ofHouse: false })).toEqual([])
    const [held] = await outbox({ ofHouse: true })
    expect(held!.words).toContain('{link}')
    expect(held!.words).not.toContain('/welcome/')
  })

  it('roles change, but nobody’s own; who is removed is remembered by name', async () => {
    await giveRole(hand.id, 'consultant', boss)
    expect((await accountByEmail(hand.email))!.account.role).toBe('consultant')
    await expect(giveRole(boss.id, 'lot hand', boss)).rejects.toThrow('You can’t change your own role')
    await expect(remove(boss.id, boss)).rejects.toThrow('You can’t remove yourself')
    await remove(hand.id, boss)
    expect(await happened(hand.name)).toEqual([
      { kind: 'removed', by: boss.name, detail: 'consultant' },
      { kind: 'role changed', by: boss.name, detail: 'lot hand to consultant' },
    ])
  })
})

/** What an app on a phone shows: a reference by the RFC's own example secret is in `secondFactor.test.ts`. */
const codeOf = (typed: string, later = 0) =>
  new TOTP({ secret: Secret.fromBase32(typed) }).generate({ timestamp: Date.now() + later })

describe('a second factor', () => {
  const withFactor = async (account: Account) => {
    const { typed, sealed } = await beginSecondFactor(account)
    await setUpSecondFactor(sealed, codeOf(typed), account)
    return typed
  }

  it('is asked for once it is set up; a code lets in once', async () => {
    const typed = await withFactor(hand)
    const shown = { email: hand.email, password: OLD }
    expect(await checkSignIn(shown, HERE)).toBe('code')
    // The one that confirmed it is used up.
    await expect(checkSignIn({ ...shown, code: codeOf(typed) }, HERE)).rejects.toThrow('used already')
    const next = codeOf(typed, 30_000)
    expect(await checkSignIn({ ...shown, code: next }, HERE)).toMatchObject({ id: hand.id })
    await expect(checkSignIn({ ...shown, code: next }, HERE)).rejects.toThrow('used already')
    await expect(checkSignIn({ ...shown, password: 'guess', code: next }, HERE)).rejects.toThrow('do not go together')
  })

  it('is of one person: another’s secret, and a code of another picture, set nothing up', async () => {
    const own = await beginSecondFactor(hand)
    const other = await beginSecondFactor(boss)
    await expect(setUpSecondFactor(other.sealed, codeOf(other.typed), hand)).rejects.toThrow('not of this picture')
    await expect(setUpSecondFactor(own.sealed, codeOf(other.typed), hand)).rejects.toThrow('not of this picture')
    expect(await checkSignIn({ email: hand.email, password: OLD }, HERE)).toMatchObject({ id: hand.id })
  })

  it('where the house asks for one, who has none may do nothing else, and nobody turns theirs off', async () => {
    const session = await beginSession(hand.id, HERE)
    expect((await accountInSession(session))!.mustSetUp).toBeUndefined()
    await requireSecondFactor('managers', boss)
    expect((await accountInSession(session))!.mustSetUp).toBeUndefined()
    await requireSecondFactor('everybody', boss)
    expect((await accountInSession(session))!.mustSetUp).toBe(true)
    const typed = await withFactor(hand)
    expect((await accountInSession(session))!.mustSetUp).toBeUndefined()
    await expect(dropOwnSecondFactor(codeOf(typed, 30_000), hand)).rejects.toThrow('cannot be turned off')
    await requireSecondFactor('nobody', boss)
    await expect(dropOwnSecondFactor('000000', hand)).rejects.toThrow('Nothing was changed')
    await dropOwnSecondFactor(codeOf(typed, 30_000), hand)
    expect(await checkSignIn({ email: hand.email, password: OLD }, HERE)).toMatchObject({ id: hand.id })
  })

  it('a manager turns off that of who lost their phone, who is signed out then', async () => {
    await withFactor(hand)
    const session = await beginSession(hand.id, HERE)
    await dropSecondFactor(hand.id, boss)
    expect(await accountInSession(session)).toBeUndefined()
    expect(await checkSignIn({ email: hand.email, password: OLD }, HERE)).toMatchObject({ id: hand.id })
  })

  it('it stands sealed, in no clear letters', async () => {
    const typed = await withFactor(hand)
    const [row] = await sqlOf<{ second_factor: string }>(
      `SELECT second_factor FROM accounts WHERE email = '${hand.email}'`,
    )
    expect(row!.second_factor).not.toContain(typed)
  })
})

describe('a session that nobody uses', () => {
  it('ends after half an hour; one that is used goes on', async () => {
    const [idle, used] = [await beginSession(hand.id, HERE), await beginSession(hand.id, HERE)]
    const ago = (minutes: number) =>
      database().query(`UPDATE sessions SET seen_at = NOW(3) - INTERVAL ${minutes} MINUTE WHERE id IN (:both)`, {
        replacements: { both: [idle, used] },
      })
    await ago(20)
    expect(await accountInSession(used)).toMatchObject({ id: hand.id })
    await database().query('UPDATE sessions SET seen_at = seen_at - INTERVAL 11 MINUTE')
    expect(await accountInSession(used)).toMatchObject({ id: hand.id })
    expect(await accountInSession(idle)).toBeUndefined()
  })
})
