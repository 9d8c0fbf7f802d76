import { v7 as uuid } from 'uuid'
import { describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import type { Account } from '../db/people/accounts'
import { Gone, StaleSave } from '../db/conflict'
import { allHouseholds, householdById } from '../db/households'
import { ownDatabase } from '../testing/database'
import { fileResponse } from './files'
import { putHouseholdBack, renewHousehold, startHousehold, takeOutHousehold } from './households'
import { takeOutNow } from '../testing/softDeleted'

ownDatabase('households')

const BY = '01a211c0-e19f-705b-a140-3081076aadf1'
const family = (name: string) => household([person({ id: 'ro', name: 'Ro' })], { name })
const started = async (name: string) => (await startHousehold(uuid(), family(name), BY)).id

describe('saving a household', () => {
  it('starts one and answers with its id', async () => {
    const { id, version } = await startHousehold(uuid(), family('New'), BY)
    expect(version).toBe(1)
    expect((await householdById(id))!.household.name).toBe('New')
  })

  it.each([
    ['nothing', undefined],
    ['a text', 'hello'],
    ['one without people', { ...family('x'), people: [] }],
  ])('%s is refused with its flaws, and nothing is saved', async (_, source) => {
    const before = await allHouseholds()
    await expect(startHousehold(uuid(), source, BY)).rejects.toMatchObject({
      name: 'Refused',
      message: expect.stringContaining('Nothing was saved'),
      flaws: [expect.any(String)],
    })
    expect(await allHouseholds()).toEqual(before)
  })

  it('over an older version is answered with theirs', async () => {
    const id = await started('Mine')
    expect(await renewHousehold(id, 1, family('Theirs'), BY)).toEqual({ id, version: 2 })
    const late = renewHousehold(id, 1, family('Mine again'), BY)
    await expect(late).rejects.toMatchObject({ theirVersion: 2, theirs: { name: 'Theirs' } })
  })

  it('sent twice, because no answer came, is there once; under a number that is taken it is refused', async () => {
    const id = uuid()
    const both = await Promise.all([startHousehold(id, family('Once'), BY), startHousehold(id, family('Once'), BY)])
    expect(both).toEqual([
      { id, version: 1 },
      { id, version: 1 },
    ])
    expect((await allHouseholds()).filter(({ household: { name } }) => name === 'Once')).toHaveLength(1)
    await expect(startHousehold(id, family('Others'), BY)).rejects.toBeInstanceOf(StaleSave)
  })

  it('a save whose answer was lost is sent once more and is nobody’s conflict; another’s is', async () => {
    const id = await started('Lost answer')
    expect(await renewHousehold(id, 1, family('Changed'), BY)).toEqual({ id, version: 2 })
    expect(await renewHousehold(id, 1, family('Changed'), BY)).toEqual({ id, version: 2 })
    await expect(renewHousehold(id, 1, family('Changed'), uuid())).rejects.toBeInstanceOf(StaleSave)
    await expect(renewHousehold(id, 1, family('Changed again'), BY)).rejects.toBeInstanceOf(StaleSave)
  })

  it('is taken out by who brought it or a manager, and only as it was seen', async () => {
    const id = await started('Mine to take')
    const account = (own: string, role: Account['role']): Account => ({
      id: own,
      role,
      name: 'X',
      email: 'x@lot.example',
    })
    const colleague = account('01a211c0-e19f-705b-a140-3081076aadf2', 'consultant')
    await expect(takeOutHousehold(id, 1, colleague)).rejects.toThrow(/A colleague brought this household/)
    await renewHousehold(id, 1, family('Changed'), colleague.id)
    await expect(takeOutHousehold(id, 1, account(BY, 'consultant'))).rejects.toBeInstanceOf(StaleSave)
    await takeOutHousehold(id, 2, account(BY, 'consultant'))
    await putHouseholdBack(id, account(BY, 'consultant'))
    expect(await householdById(id)).toMatchObject({ version: 2, household: { name: 'Changed' } })
    await takeOutHousehold(id, 2, { ...colleague, role: 'manager' })
    expect(await householdById(id)).toBeUndefined()
  })

  it('that was deleted meanwhile says so', async () => {
    const id = await started('Short')
    await takeOutNow(id)
    await expect(renewHousehold(id, 1, family('x'), BY)).rejects.toBeInstanceOf(Gone)
  })
})

it('a download’s name is safe whatever the household is called', () => {
  const name = (title: string) => fileResponse(title, '{}').headers.get('content-disposition')
  expect(name('The Ferrand-Nunn family')).toBe('attachment; filename="the-ferrand-nunn-family.json"')
  expect(name('../../etc/passwd"\r\nX: y')).toBe('attachment; filename="etc-passwd-x-y.json"')
  expect(name('🏕')).toBe('attachment; filename="document.json"')
})
