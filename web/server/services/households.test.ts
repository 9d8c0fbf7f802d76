import { describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import { Gone } from '../db/conflict'
import { allHouseholds, deleteHousehold, householdById } from '../db/households'
import { ownDatabase } from '../testing/database'
import { fileResponse } from './files'
import { renewHousehold, startHousehold } from './households'

ownDatabase('households')

const BY = '01a211c0-e19f-705b-a140-3081076aadf1'
const family = (name: string) => household([person({ id: 'ro', name: 'Ro' })], { name })
const started = async (name: string) => (await startHousehold(family(name), BY)).id

describe('saving a household', () => {
  it('starts one and answers with its id', async () => {
    const { id, version } = await startHousehold(family('New'), BY)
    expect(version).toBe(1)
    expect((await householdById(id))!.household.name).toBe('New')
  })

  it.each([
    ['nothing', undefined],
    ['a text', 'hello'],
    ['one without people', { ...family('x'), people: [] }],
  ])('%s is refused with its flaws, and nothing is saved', async (_, source) => {
    const before = await allHouseholds()
    await expect(startHousehold(source, BY)).rejects.toMatchObject({
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

  it('that was deleted meanwhile says so', async () => {
    const id = await started('Short')
    await deleteHousehold(id)
    await expect(renewHousehold(id, 1, family('x'), BY)).rejects.toBeInstanceOf(Gone)
  })
})

it('a download’s name is safe whatever the household is called', () => {
  const name = (title: string) => fileResponse(title, '{}').headers.get('content-disposition')
  expect(name('The Ferrand-Nunn family')).toBe('attachment; filename="the-ferrand-nunn-family.json"')
  expect(name('../../etc/passwd"\r\nX: y')).toBe('attachment; filename="etc-passwd-x-y.json"')
  expect(name('🏕')).toBe('attachment; filename="document.json"')
})
