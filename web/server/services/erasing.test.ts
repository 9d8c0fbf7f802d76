import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import { unit } from '@hitchet/core/testing/unit'
import type { WalkNote } from '@hitchet/core/walk/event'
import { Gone, StaleSave } from '../db/conflict'
import { saveContact } from '../db/contacts'
import { database } from '../db/database'
import { addFollowUp } from '../db/followUps'
import { endHousehold, householdById } from '../db/households'
import { addTakeHome, countVisit } from '../db/takeHomes'
import { forgetSoftDeleted } from '../db/softDeleted'
import { addTrailer } from '../db/trailers'
import { heldBack } from '../outgoing/heldBack'
import { Refused } from '../refused'
import { ownDatabase } from '../testing/database'
import { takeOutNow } from '../testing/softDeleted'
import { putHouseholdBack, renewHousehold, startHousehold, takeOutHousehold } from './households'
import { takeEvents } from './walkEvents'

ownDatabase('erasing')

const ADA = { id: uuid(), name: 'Ada', email: 'ada@lot.example', role: 'manager' as const }
const STOCK = 'E-1'
/** In every name and every word that is kept of these people, and nowhere else. */
const MARK = 'Quillfeather'
const people = household([person({ name: MARK })], { name: `The ${MARK}s`, notes: `Called ${MARK} at home.` })
const words = `as ${MARK} said`

beforeAll(() => addTrailer({ ...unit(), stock: STOCK }, null))

const noted = (id: string, what: WalkNote) =>
  takeEvents([{ id: uuid(), stock: STOCK, household: id, about: words, at: '2026-11-20T10:00:00.000Z', what }], ADA)

/** Every way in which something of a household is written. */
const WRITES: Record<string, (id: string) => Promise<unknown>> = {
  'a page handed out': (id) =>
    addTakeHome({
      id: uuid(),
      householdId: id,
      stocks: [STOCK],
      document: JSON.stringify({ people: [MARK] }),
      madeBy: ADA.id,
      expiresAt: new Date(Date.now() + 86_400_000),
    }),
  'how they are reached': (id) => saveContact(id, 0, { name: MARK, email: `${MARK}@a.example` }, ADA.id),
  'a day to come back': (id) =>
    addFollowUp({ id: uuid(), householdId: id, dueOn: '2026-12-24', why: words, madeBy: ADA.id }),
  'a message': (id) =>
    heldBack.send({
      id: uuid(),
      householdId: id,
      channel: 'email',
      recipient: `${MARK}@a.example`,
      subject: words,
      words,
      page: uuid(),
      madeBy: ADA.id,
    }),
  'what was shown': (id) => noted(id, { kind: 'shown', point: words }),
  'where a unit stands with them': (id) => noted(id, { kind: 'choice', stands: 'set aside', word: words }),
  'what they think of it': (id) =>
    noted(id, { kind: 'reaction', reaction: { subject: { stance: 'tub' }, feels: 'likes', word: words } }),
  'their next version': (id) => renewHousehold(id, 1, { ...people, notes: words }, ADA.id),
  'how it ended': (id) => endHousehold(id, { kind: 'elsewhere', why: words }),
  'themselves, sent once more': (id) => startHousehold(id, people, ADA.id),
  'a visit to their page': (id) => countVisit(id),
}

/** Whoever erases looks again when somebody saved meanwhile. */
async function erase(id: string): Promise<void> {
  for (;;) {
    try {
      return await takeOutNow(id)
    } catch (failure) {
      if (!(failure instanceof StaleSave)) throw failure
    }
  }
}

/** Where something like that stands in any table: `table.column`. */
async function standsIn(text: string): Promise<string[]> {
  const columns = await database().query<{ place: string; at: string }>(
    `SELECT table_name AS place, column_name AS at FROM information_schema.columns WHERE table_schema = DATABASE()
      AND data_type IN ('char', 'varchar', 'text', 'mediumtext', 'longtext', 'json')`,
    { type: QueryTypes.SELECT },
  )
  const found: string[] = []
  for (const { place, at } of columns) {
    const rows = await database().query(`SELECT 1 FROM \`${place}\` WHERE \`${at}\` LIKE :text LIMIT 1`, {
      type: QueryTypes.SELECT,
      replacements: { text: `%${text}%` },
    })
    if (rows.length) found.push(`${place}.${at}`)
  }
  return found
}

const TIMES = 50
const AT_ONCE = 10

describe('whatever is written while a household is erased goes with it', () => {
  it.each(Object.entries(WRITES))('%s', async (_, write) => {
    const ids = Array.from({ length: TIMES }, () => uuid())
    for (const id of ids) await startHousehold(id, people, ADA.id)
    let [taken, refused] = [0, 0]
    for (let from = 0; from < TIMES; from += AT_ONCE)
      await Promise.all(
        ids.slice(from, from + AT_ONCE).flatMap((id, i) => [
          // One half is erased a little later.
          new Promise((resolve) => setTimeout(resolve, i)).then(() => erase(id)),
          write(id).then(
            () => (taken += 1),
            (failure: unknown) => {
              if (!(failure instanceof Gone || failure instanceof StaleSave || failure instanceof Refused))
                throw failure
              refused += 1
            },
          ),
        ]),
      )
    expect(taken + refused).toBe(TIMES)
    // And what comes late: it is refused, in whatever way it is told, and leaves nothing.
    for (const id of ids.slice(0, 5)) await write(id).catch(() => undefined)
    await database().query('UPDATE taken_out SET taken_out_at = NOW(3) - INTERVAL 1 HOUR', { type: QueryTypes.RAW })
    await forgetSoftDeleted()
    expect(await standsIn(MARK)).toEqual([])
    const places = new Set((await Promise.all(ids.map(standsIn))).flat())
    expect([...places]).toEqual(['erased.household_id'])
  })
})

describe('a household that was erased', () => {
  it('is not made again by whoever got no answer, and comes back only to who erased it', async () => {
    const id = uuid()
    await startHousehold(id, people, ADA.id)
    await takeOutHousehold(id, 1, ADA)
    await expect(startHousehold(id, people, ADA.id)).rejects.toBeInstanceOf(Gone)
    await putHouseholdBack(id, ADA)
    expect((await householdById(id))!.household.name).toBe(people.name)
    await expect(putHouseholdBack(id, ADA)).rejects.toMatchObject({ status: 409 })
    await expect(startHousehold(id, people, ADA.id)).resolves.toEqual({ id, version: 1 })
  })

  it('a note that comes too late is answered the same however often it is sent, and its words are kept nowhere', async () => {
    const id = uuid()
    await startHousehold(id, people, ADA.id)
    await takeOutHousehold(id, 1, ADA)
    const event = {
      id: uuid(),
      stock: STOCK,
      household: id,
      about: words,
      at: '2026-11-20T10:00:00.000Z',
      what: { kind: 'shown' as const, point: words },
    }
    const first = await takeEvents([event], ADA)
    expect(first).toMatchObject([{ taken: false, says: 'It is not here any more.' }])
    expect(await takeEvents([event], ADA)).toEqual(first)
    expect((await standsIn(words)).filter((place) => place !== 'taken_out.rows')).toEqual([])
  })
})
