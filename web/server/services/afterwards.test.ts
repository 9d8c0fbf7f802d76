import ICAL from 'ical.js'
import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { beforeAll, describe, expect, it, vi } from 'vitest'
import { FAMILY, COUPLE } from '@hitchet/core/testing/lot'
import { household, person, vehicle } from '@hitchet/core/testing/someone'
import { idOfLink, linkToken } from '../auth/linkToken'
import type { Account } from '../db/people/accounts'
import { Gone } from '../db/conflict'
import { contactOf } from '../db/contacts'
import { database, inTransaction } from '../db/database'
import { followUpsOf, openFollowUps, setDone } from '../db/followUps'
import { everythingOf, householdById, latestHouseholds } from '../db/households'
import { outbox } from '../db/outbox'
import { withdrawTakeHome } from '../db/takeHomes'
import { changeTrailer, saveTrailers } from '../db/trailers'
import { closePaperPool } from '../jobs/paper'
import { ownDatabase } from '../testing/database'
import { today } from '../today'
import { comeBackTo, noteContact, noteOutcome } from './afterwards'
import { followUpCalendar } from './calendar'
import { startHousehold } from './households'
import { messagesHeld, sendLink } from './messages'
import { behindLink, handOut, pagesOf, paperBehindLink, visitLink } from './takeHomes'
import { forgetSoftDeleted, putBack, softDeletedBy, takeOut } from '../db/softDeleted'

ownDatabase('afterwards')

const ADA: Account = { id: uuid(), name: 'Ada Lund', email: 'ada@lot.example', role: 'consultant' }
const family = (name = 'The Vance family') =>
  household([person({ id: 'ro', name: 'Ro Vance' })], {
    name,
    vehicle: vehicle({ towRating: 9_000, payload: 1_600, gcwr: 15_000, curbWeight: 5_200 }),
  })
const started = async (name?: string) => (await startHousehold(uuid(), family(name), ADA.id)).id
const made = async (householdId: string, { id = uuid(), stocks = ['FAMILY'], days = 30 } = {}) => {
  const { path } = await handOut({ id, householdId, stocks, days }, ADA)
  return { id, token: path.split('/').at(-1)! }
}

beforeAll(() => inTransaction((transaction) => saveTrailers([FAMILY, COUPLE], null, transaction)))

describe('the link to a page', () => {
  it('leads to what was handed out, and each visit is counted', async () => {
    const at = await started()
    const { token } = await made(at)
    expect((await behindLink(token))!.taken.units.map(({ stock }) => stock)).toEqual(['FAMILY'])
    expect((await pagesOf(at))[0]).toMatchObject({ visits: 0 })
    await visitLink(token)
    await visitLink(token)
    await visitLink(linkToken(uuid()))
    expect((await pagesOf(at))[0]).toMatchObject({ visits: 2, open: true, stocks: ['FAMILY'] })
  })

  it('shows the day it was made, whatever is changed on the unit since', async () => {
    const at = await started()
    const { token } = await made(at)
    await changeTrailer('FAMILY', null, (unit) => ({
      ...unit,
      readings: { ...unit.readings, askingPrice: [{ value: 1, source: 'label' }] },
    }))
    expect((await behindLink(token))!.taken.units[0]!.cost.asking).toBe(29_900)
  })

  it('carries nothing that leads to the family: no name of theirs, no contact, no id', async () => {
    const at = await started()
    await noteContact(at, 0, { email: 'ro@vance.example', phone: '555 010 1212' }, ADA.id)
    const { token } = await made(at)
    const text = JSON.stringify((await behindLink(token))!.taken)
    for (const secret of ['Vance', 'vance.example', '1212', at]) expect(text).not.toContain(secret)
  })

  it('is not guessed: of a thousand tokens that differ in one letter none is ours', async () => {
    const { token, id } = await made(await started())
    expect(idOfLink(token)).toBe(id)
    for (let i = 0; i < 1_000; i++) {
      const at = i % 42
      const letter = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_'[i % 64]!
      const other = token.slice(0, at) + letter + token.slice(at + 1)
      if (other !== token) expect(idOfLink(other), other).toBeUndefined()
    }
    for (const odd of ['', 'x', '../../etc/passwd', token + 'A', `${token.slice(0, -1)}=`])
      expect(idOfLink(odd)).toBeUndefined()
    // Sealed by us, but of no page.
    expect(await behindLink(linkToken(uuid()))).toBeUndefined()
  })

  it('ends when its days are over, and when it is withdrawn; the paper goes with it', async () => {
    const at = await started()
    const [short, taken] = [await made(at, { days: 1 }), await made(at)]
    vi.useFakeTimers({ now: Date.now() + 25 * 60 * 60 * 1000, toFake: ['Date'] })
    expect(await behindLink(short.token)).toBeUndefined()
    expect(await behindLink(taken.token)).toBeDefined()
    vi.useRealTimers()
    expect(await behindLink(short.token)).toBeDefined()
    expect(await withdrawTakeHome(taken.id)).toBe(true)
    expect(await behindLink(taken.token)).toBeUndefined()
    await visitLink(taken.token)
    await expect(paperBehindLink(taken.token, 'A4', 'us')).rejects.toThrow(/does not work any more/)
    expect((await pagesOf(at)).map(({ open }) => open).sort()).toEqual([false, true])
    expect(await withdrawTakeHome(uuid())).toBe(false)
  })

  it('is made once, however often it is asked for under one id', async () => {
    const at = await started()
    const id = uuid()
    const [first, again] = [await made(at, { id }), await made(at, { id })]
    expect(again.token).toBe(first.token)
    expect(await pagesOf(at)).toHaveLength(1)
  })

  it('takes a stock number however it is typed, and keeps it as it hangs in the window', async () => {
    await inTransaction((transaction) => saveTrailers([{ ...FAMILY, stock: 'n-9' }], null, transaction))
    const at = await started()
    await made(at, { stocks: ['family', 'N-9', 'FAMILY'] })
    expect((await pagesOf(at))[0]!.stocks).toEqual(['FAMILY', 'n-9'])
    await noteOutcome(at, { kind: 'bought', stock: 'N-9' })
    expect((await householdById(at))!.outcome).toEqual({ kind: 'bought', stock: 'n-9' })
  })

  it('of a unit that is not on the lot is refused by its number, and nothing is made', async () => {
    const at = await started()
    await expect(made(at, { stocks: ['FAMILY', 'NONE'] })).rejects.toMatchObject({ flaws: ['Not on the lot: NONE.'] })
    await expect(made(uuid())).rejects.toMatchObject({ status: 404 })
    expect(await pagesOf(at)).toEqual([])
  })

  it('gives the paper to whoever holds it', async () => {
    const { token } = await made(await started(), { stocks: ['FAMILY', 'COUPLE'] })
    const response = await paperBehindLink(token, 'LETTER', 'us')
    expect(response.headers.get('content-type')).toBe('application/pdf')
    expect(response.headers.get('x-robots-tag')).toContain('noindex')
    expect(
      Buffer.from(await response.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
    await closePaperPool()
  })
})

describe('a message', () => {
  const sent = (householdId: string, page: string, channel: 'email' | 'text' = 'email', id = uuid()) =>
    sendLink({ id, householdId, page, channel }, ADA)

  it('is kept in the outbox with the link, once', async () => {
    const at = await started('Those to be written to')
    const { id: page, token } = await made(at)
    await noteContact(at, 0, { name: 'Ro', email: 'ro@vance.example' }, ADA.id)
    const id = uuid()
    expect((await sent(at, page, 'email', id)).says).toMatch(/nothing was sent/)
    await sent(at, page, 'email', id)
    const mine = (await outbox({ ofHouse: false })).filter(({ householdId }) => householdId === at)
    expect(mine).toHaveLength(1)
    expect(mine[0]).toMatchObject({ recipient: 'ro@vance.example', household: 'Those to be written to' })
    // The link itself is kept nowhere: it is made as the message is read.
    expect(JSON.stringify(mine)).not.toContain(token)
    expect((await messagesHeld({ ofHouse: false })).find((one) => one.id === id)!.words).toContain(`/at-home/${token}`)
  })

  it('is refused where nobody noted an address, and for a link that works no more', async () => {
    const at = await started()
    const { id: page } = await made(at)
    await expect(sent(at, page)).rejects.toThrow(/email address/)
    await noteContact(at, 0, { email: 'ro@vance.example' }, ADA.id)
    await expect(sent(at, page, 'text')).rejects.toThrow(/number/)
    await withdrawTakeHome(page)
    await expect(sent(at, page)).rejects.toThrow(/works no more/)
    await expect(sent(at, uuid())).rejects.toMatchObject({ status: 404 })
  })
})

describe('how they are reached', () => {
  it.each([
    [{ email: 'ro at home' }, /email: found “ro at home”; right would be an address like/],
    [{ phone: 'after six' }, /phone: found “after six”; right would be a number like/],
    [{ fax: '1' }, /fax/],
  ])('%j is refused and names what would be right', async (contact, words) => {
    const at = await started()
    await expect(noteContact(at, 0, contact, ADA.id)).rejects.toMatchObject({ flaws: [expect.stringMatching(words)] })
    expect(await contactOf(at)).toEqual({ version: 0, contact: {} })
  })

  it('over what somebody else noted meanwhile is answered with theirs', async () => {
    const at = await started()
    expect(await noteContact(at, 0, { name: 'Ro', phone: '' }, ADA.id)).toEqual({ version: 1, contact: { name: 'Ro' } })
    await expect(noteContact(at, 0, { name: 'Mi' }, ADA.id)).rejects.toMatchObject({
      theirs: { name: 'Ro' },
      theirVersion: 1,
    })
    expect((await noteContact(at, 1, { name: 'Mi' }, ADA.id)).version).toBe(2)
  })
})

describe('a follow-up', () => {
  it('stands on the desk on its day and after, until it is done', async () => {
    const at = await started()
    const id = uuid()
    await comeBackTo(at, { id, dueOn: today(2), why: 'payload?' }, ADA.id)
    await comeBackTo(at, { id, dueOn: today(2), why: 'payload?' }, ADA.id)
    const mine = async (day: string) => (await openFollowUps(day)).filter(({ householdId }) => householdId === at)
    expect(await mine(today(1))).toEqual([])
    expect(await mine(today(2))).toHaveLength(1)
    expect(await mine(today(9))).toMatchObject([{ dueOn: today(2), why: 'payload?', household: 'The Vance family' }])
    expect(await setDone(id, true, ADA.id)).toBe(true)
    expect(await mine(today(9))).toEqual([])
    expect(await followUpsOf(at)).toMatchObject([{ id, doneAt: expect.any(Date) }])
    expect(await setDone(uuid(), true, ADA.id)).toBe(false)
  })

  it('goes into a calendar that another reader reads back: the day, the family, why (ical.js)', async () => {
    const at = await started('Ro, Mi; and \\ theirs')
    await comeBackTo(at, { id: uuid(), dueOn: '2027-03-14', why: 'sleep over it,\nthen call' }, ADA.id)
    const calendar = new ICAL.Component(ICAL.parse(await followUpCalendar('https://lot.example')) as never)
    const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one))
    const event = events.find(({ summary }) => summary.startsWith('Ro, Mi; and \\ theirs'))!
    expect(event.startDate.isDate).toBe(true)
    expect(event.startDate.toString()).toBe('2027-03-14')
    expect(event.summary).toContain('sleep over it')
    expect(event.component.getFirstPropertyValue('url')).toBe(`https://lot.example/households/${at}/after`)
  })
})

describe('how it ended', () => {
  it('takes them off the desk, keeps why, and can be taken back', async () => {
    const at = await started()
    const inHand = async (which?: 'ended') => (await latestHouseholds(60, which)).households.map(({ id }) => id)
    await noteOutcome(at, { kind: 'bought', stock: 'FAMILY', why: 'it sleeps us' })
    expect(await inHand()).not.toContain(at)
    expect(await inHand('ended')).toContain(at)
    expect((await householdById(at))!.outcome).toEqual({ kind: 'bought', stock: 'FAMILY', why: 'it sleeps us' })
    await noteOutcome(at, null)
    expect(await inHand()).toContain(at)
    expect((await householdById(at))!.outcome).toBeUndefined()
  })

  it('with a unit that is not on the lot, or in a word nobody knows, is refused', async () => {
    const at = await started()
    await expect(noteOutcome(at, { kind: 'bought', stock: 'NONE' })).rejects.toMatchObject({
      flaws: [expect.stringContaining('NONE')],
    })
    await expect(noteOutcome(at, { kind: 'fled' })).rejects.toMatchObject({ flaws: [expect.stringContaining('fled')] })
    expect((await householdById(at))!.outcome).toBeUndefined()
  })
})

it('all that is kept of a household goes out when it asks, and away when it wants that, links and all', async () => {
  const at = await started('Those who leave')
  const { id: page, token } = await made(at)
  await noteContact(at, 0, { email: 'ro@vance.example' }, ADA.id)
  await sendLink({ id: uuid(), householdId: at, page, channel: 'email' }, ADA)
  await comeBackTo(at, { id: uuid(), dueOn: today(), why: 'call' }, ADA.id)
  const all = (await everythingOf(at))!
  expect(all).toMatchObject({
    household: { name: 'Those who leave' },
    contact: { email: 'ro@vance.example' },
    pages: [{ document: { people: ['Ro'] } }],
    messages: [{ recipient: 'ro@vance.example' }],
    followUps: [{ why: 'call' }],
  })
  await takeOut(at, { version: 1, by: ADA.id, mayTakeOut() {} })
  // Sent once more, because no answer came.
  await takeOut(at, { version: 1, by: ADA.id, mayTakeOut() {} })
  expect(await everythingOf(at)).toBeUndefined()
  expect(await behindLink(token)).toBeUndefined()
  expect(await contactOf(at)).toEqual({ version: 0, contact: {} })
  expect((await outbox({ ofHouse: false })).filter(({ householdId }) => householdId === at)).toEqual([])
  expect((await openFollowUps()).filter(({ householdId }) => householdId === at)).toEqual([])

  // Whoever took it out by mistake has it back as it was: the link works, the follow-up is due.
  expect(await softDeletedBy(ADA.id)).toEqual([{ id: at, name: 'Those who leave' }])
  await expect(putBack(at, 'somebody else')).rejects.toBeInstanceOf(Gone)
  await putBack(at, ADA.id)
  expect(await everythingOf(at)).toEqual(all)
  expect(await behindLink(token)).toBeDefined()
  expect(await softDeletedBy(ADA.id)).toEqual([])

  // Once the time is over nothing of it is left, also not there.
  await takeOut(at, { version: 1, by: ADA.id, mayTakeOut() {} })
  await database().query('UPDATE taken_out SET taken_out_at = NOW(3) - INTERVAL 16 MINUTE', { type: QueryTypes.RAW })
  await expect(putBack(at, ADA.id)).rejects.toBeInstanceOf(Gone)
  await forgetSoftDeleted()
  expect(await database().query('SELECT * FROM taken_out', { type: QueryTypes.SELECT })).toEqual([])
})
