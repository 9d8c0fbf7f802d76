import { QueryTypes } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { beforeAll, describe, expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { household, person } from '@hitchet/core/testing/someone'
import { unit } from '@hitchet/core/testing/unit'
import { Gone } from '../db/conflict'
import { database, inTransaction } from '../db/database'
import { latestFaults } from '../db/faults'
import { addFollowUp } from '../db/followUps'
import { addHousehold, addHouseholds, householdById, latestHouseholds } from '../db/households'
import { allQuarantined, eraseQuarantined, quarantinedDocument } from '../db/quarantined'
import { allTrailers, saveTrailers, trailersByStock } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { yardCards } from './cards'
import { setAsideUnreadable } from './documents'
import { yardFacts } from './cache/facts'
import { bringHouseholds } from './importedHouseholds'

ownDatabase('documents')

const spoil = (table: string, where: string, set: string) =>
  database().query(`UPDATE ${table} SET document = ${set} WHERE ${where}`, { type: QueryTypes.RAW })

beforeAll(async () => {
  const units = ['D-1', 'D-2', 'D-3'].map((stock) => ({ ...unit(), stock }))
  await inTransaction((transaction) => saveTrailers(units, null, transaction))
  const they = ['One', 'Two'].map((name) => household([person({ name })], { name }))
  await inTransaction((transaction) => addHouseholds(they, null, transaction))
})

describe('records that are kept', () => {
  it('that can be read stay as they are', async () => {
    expect(await setAsideUnreadable()).toEqual({ renewed: 0, setAside: 0 })
    expect((await allTrailers()).map(({ version }) => version)).toEqual([1, 1, 1])
  })

  it('one that went bad while the program runs costs no other its facts or its card, and the office hears of it', async () => {
    await spoil('trailers', "stock = 'D-2'", "JSON_REMOVE(document, '$.plan')")
    await database().query('UPDATE trailers SET version = version + 1', { type: QueryTypes.RAW })
    expect(await yardFacts(RULES)).toHaveLength(2)
    expect((await yardCards()).map(({ unit: { stock } }) => stock)).toEqual(['D-1', 'D-3'])
    const [bad] = await trailersByStock(['D-2'])
    expect(await latestFaults(5)).toMatchObject([{ place: `facts of unit ${bad!.id}`, kind: 'TypeError' }])
  })

  it('that cannot be read are put aside whole, with why, when the program starts again', async () => {
    await spoil('households', "name = 'Two'", "JSON_SET(document, '$.people[0].age', 'old')")
    expect(await setAsideUnreadable()).toEqual({ renewed: 0, setAside: 2 })
    expect((await allTrailers()).map(({ trailer: { stock } }) => stock)).toEqual(['D-1', 'D-3'])
    expect((await latestHouseholds(9)).households.map(({ household: { name } }) => name)).toEqual(['One'])
    const aside = await allQuarantined()
    expect(aside).toMatchObject([
      { kind: 'unit', name: 'D-2', why: expect.stringMatching(/plan/i) },
      { kind: 'household', name: 'Two', why: expect.stringMatching(/age/i) },
    ])
    const whole = await quarantinedDocument(aside[1]!.id)
    expect(JSON.parse(whole!.document)).toMatchObject({ name: 'Two', people: [{ age: 'old' }] })
    expect(await setAsideUnreadable()).toEqual({ renewed: 0, setAside: 0 })
  })

  it('a household that is mended and brought in again is itself: contact and pages are under the id it had', async () => {
    const [aside] = (await allQuarantined()).filter(({ kind }) => kind === 'household')
    const mended = household([person({ name: 'Two' })], { name: 'Two' })
    const report = await inTransaction((transaction) =>
      bringHouseholds([{ file: 'two.json', household: mended }], { again: 'ask', by: null }, transaction),
    )
    expect(report.added).toEqual([{ id: aside!.id, name: 'Two' }])
    expect((await allQuarantined()).map(({ kind }) => kind)).toEqual(['unit'])
    expect((await householdById(aside!.id))!.household).toMatchObject({ name: 'Two' })
  })

  it('one that nobody can read is erased as it lies there, with all that hangs on it, and does not come back', async () => {
    await spoil('households', "name = 'Two'", "JSON_SET(document, '$.people[0].age', 'old')")
    const { id } = (await latestHouseholds(9)).households.find(({ household: { name } }) => name === 'Two')!
    await addFollowUp({ id: uuid(), householdId: id, dueOn: '2026-12-24', why: 'call Two', madeBy: uuid() })
    await setAsideUnreadable()
    expect(await eraseQuarantined(id)).toBe(true)
    expect((await allQuarantined()).map(({ kind }) => kind)).toEqual(['unit'])
    const left = await database().query('SELECT why FROM follow_ups', { type: QueryTypes.SELECT })
    expect(left).toEqual([])
    await expect(addHousehold(id, household([person({ name: 'Two' })]), '')).rejects.toThrow(Gone)
    // A unit leaves nothing behind that could come back.
    const [unitAside] = await allQuarantined()
    expect([await eraseQuarantined(unitAside!.id), await eraseQuarantined(unitAside!.id)]).toEqual([true, false])
  })
})
