import { describe, expect, it } from 'vitest'
import { household, person } from '@hitchet/core/testing/someone'
import { deleteHousehold, householdById } from '../db/households'
import { ownDatabase } from '../testing/database'
import { fileResponse } from './files'
import { renewHousehold, startHousehold } from './households'

ownDatabase('households')

const BY = '01a211c0-e19f-705b-a140-3081076aadf1'
const family = (name: string) => household([person({ id: 'ro', name: 'Ro' })], { name })
const started = async (name: string) => ((await (await startHousehold(family(name), BY)).json()) as { id: string }).id

describe('saving a household', () => {
  it('starts one and answers with its id', async () => {
    const response = await startHousehold(family('New'), BY)
    expect(response.status).toBe(200)
    const { id, version } = (await response.json()) as { id: string; version: number }
    expect(version).toBe(1)
    expect((await householdById(id))!.household.name).toBe('New')
  })

  it.each([
    ['nothing', undefined],
    ['a text', 'hello'],
    ['one without people', { ...family('x'), people: [] }],
  ])('%s is refused with its flaws, and nothing is saved', async (_, source) => {
    const response = await startHousehold(source, BY)
    expect(response.status).toBe(422)
    expect(await response.json()).toMatchObject({
      says: expect.stringContaining('Nothing was saved'),
      flaws: [expect.any(String)],
    })
  })

  it('over an older version is answered with theirs', async () => {
    const id = await started('Mine')
    expect((await renewHousehold(id, 1, family('Theirs'), BY)).status).toBe(200)
    const late = await renewHousehold(id, 1, family('Mine again'), BY)
    expect(late.status).toBe(409)
    expect(await late.json()).toMatchObject({ theirVersion: 2, theirs: { name: 'Theirs' } })
  })

  it('that was deleted meanwhile says so; without a version it is not tried', async () => {
    const id = await started('Short')
    expect((await renewHousehold(id, undefined, family('x'), BY)).status).toBe(400)
    await deleteHousehold(id)
    expect((await renewHousehold(id, 1, family('x'), BY)).status).toBe(410)
  })
})

it('a download’s name is safe whatever the household is called', () => {
  const name = (title: string) => fileResponse(title, '{}').headers.get('content-disposition')
  expect(name('The Ferrand-Nunn family')).toBe('attachment; filename="the-ferrand-nunn-family.json"')
  expect(name('../../etc/passwd"\r\nX: y')).toBe('attachment; filename="etc-passwd-x-y.json"')
  expect(name('🏕')).toBe('attachment; filename="document.json"')
})
