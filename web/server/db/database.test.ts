import { v7 as uuid } from 'uuid'
import { QueryTypes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import { ownDatabase } from '../testing/database'
import { Gone, StaleSave } from './conflict'
import { database, inTransaction, mayRetry } from './database'
import { addHouseholds, allHouseholds, householdById, saveHousehold } from './households'
import { takeOutNow } from '../testing/softDeleted'
import { takeOut } from './softDeleted'

ownDatabase('database')

const keep = async (name: string) =>
  (
    await inTransaction((transaction) => addHouseholds([household([person({ name })], { name })], null, transaction))
  )[0]!
const renamed = (name: string) => household([person()], { name })

describe('households', () => {
  it('come back as they were written, with ids that sort by time (UUIDv7)', async () => {
    const [first, second] = [await keep('First'), await keep('Second')]
    expect(first < second).toBe(true)
    expect(first).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7/)
    const kept = await householdById(first)
    expect(kept).toMatchObject({ version: 1, household: { name: 'First', people: [{ name: 'First', height: 68 }] } })
    expect((await allHouseholds()).map(({ household: { name } }) => name)).toEqual(['Second', 'First'])
  })

  it('a save over an older version is refused, with theirs at hand, and nothing is written', async () => {
    const id = await keep('Contested')
    await saveHousehold(id, 1, renamed('Theirs'), null)
    const failure = await saveHousehold(id, 1, renamed('Mine'), null).catch((error: unknown) => error)
    expect(failure).toBeInstanceOf(StaleSave)
    expect(failure).toMatchObject({ theirVersion: 2, theirs: { name: 'Theirs' } })
    expect(await householdById(id)).toMatchObject({ version: 2, household: { name: 'Theirs' } })
  })

  it('says whether the other save was the same person’s', async () => {
    const id = await keep('Twice')
    const [ada, cy] = ['01900000-0000-7000-8000-00000000000a', '01900000-0000-7000-8000-00000000000c']
    await saveHousehold(id, 1, renamed('From the tablet'), ada)
    const late = (by: string) => saveHousehold(id, 1, renamed('From the desk'), by)
    await expect(late(ada)).rejects.toMatchObject({ theirVersion: 2, byYou: true })
    await expect(late(cy)).rejects.toMatchObject({ theirVersion: 2, byYou: false })
  })

  it('of two who save at the same moment, one wins and the other is told', async () => {
    const id = await keep('Race')
    const outcomes = await Promise.allSettled([
      saveHousehold(id, 1, renamed('A'), null),
      saveHousehold(id, 1, renamed('B'), null),
    ])
    expect(outcomes.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected'])
    expect(outcomes.find((one) => one.status === 'rejected')).toMatchObject({ reason: expect.any(StaleSave) })
    expect((await householdById(id))!.version).toBe(2)
  })

  it('what was deleted cannot be saved back by surprise', async () => {
    const id = await keep('Gone')
    await takeOutNow(id)
    await expect(takeOut(id, { version: 1, by: uuid(), mayTakeOut() {} })).rejects.toBeInstanceOf(Gone)
    await expect(saveHousehold(id, 1, renamed('Back'), null)).rejects.toBeInstanceOf(Gone)
  })
})

describe('transactions', () => {
  const deadlock = () => Object.assign(new Error('deadlock'), { errno: 1213 })
  it.each([1213, 1205, 1020])('are tried again when the database asks for it (MariaDB error %d)', (errno) =>
    expect(mayRetry({ errno })).toBe(true),
  )
  it('and not when a rule was broken', () => expect(mayRetry({ errno: 1062 })).toBe(false))

  it('a deadlock is tried again until it goes through', async () => {
    let tries = 0
    const result = await inTransaction(async () => {
      tries += 1
      if (tries < 3) throw deadlock()
      return 'through'
    })
    expect([result, tries]).toEqual(['through', 3])
  })

  it('it gives up after eight tries', async () => {
    let tries = 0
    await expect(
      inTransaction(async () => {
        tries += 1
        throw deadlock()
      }),
    ).rejects.toThrow('deadlock')
    expect(tries).toBe(8)
  })

  it('two transactions that really deadlock both end well', async () => {
    const [a, b] = [await keep('Lock A'), await keep('Lock B')]
    const lock = (id: string, transaction: Parameters<Parameters<typeof inTransaction>[0]>[0]) =>
      database().query('SELECT id FROM households WHERE id = :id FOR UPDATE', {
        type: QueryTypes.SELECT,
        replacements: { id },
        transaction,
      })
    const both = (first: string, second: string) =>
      inTransaction(async (transaction) => {
        await lock(first, transaction)
        await new Promise((resolve) => setTimeout(resolve, 80))
        return lock(second, transaction)
      })
    expect(await Promise.all([both(a, b), both(b, a)])).toHaveLength(2)
  })

  it('what fails half-way leaves nothing', async () => {
    const before = (await allHouseholds()).length
    await expect(
      inTransaction(async (transaction) => {
        await addHouseholds([renamed('Half')], null, transaction)
        throw new Error('no')
      }),
    ).rejects.toThrow('no')
    expect(await allHouseholds()).toHaveLength(before)
  })
})
