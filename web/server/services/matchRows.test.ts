import { beforeAll, describe, expect, it } from 'vitest'
import { phraseText } from '@hitchet/core/quantity/phrase'
import { COUPLE, FAMILY } from '@hitchet/core/testing/lot'
import { couple, household, readings } from '@hitchet/core/testing/someone'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import type { ChoiceNote } from '@hitchet/core/walk/event'
import { v7 as uuid } from 'uuid'
import { addAccount } from '../db/people/accounts'
import type { Account } from '../db/people/accounts'
import { inTransaction } from '../db/database'
import { addHouseholds } from '../db/households'
import { saveTrailers } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { rankedYard } from './cache/answerCache'
import { plansInOrder, reasonsFor, rowsFor, sameAs } from './matchRows'
import { takeEvents } from './walkEvents'

ownDatabase('match_rows')

const twin = (stock: string, askingPrice: number): Trailer => ({
  ...FAMILY,
  stock,
  readings: { ...FAMILY.readings, ...readings({ askingPrice }) },
})
const they = household(couple({ name: 'Ro' }, { name: 'Mi' }), { limits: { budget: 40_000 } })
let home: string
let maren: Account

beforeAll(async () => {
  const twins = [twin('A-1', 18_000), twin('A-2', 19_000), twin('A-3', 20_000), twin('A-4', 21_000)]
  await inTransaction((transaction) => saveTrailers([...twins, COUPLE], null, transaction))
  home = (await inTransaction((transaction) => addHouseholds([they], null, transaction)))[0]!
  maren = await addAccount({ name: 'Maren', email: 'm@lot.example', role: 'consultant', passwordHash: 'x' })
})

const stand = (stock: string, stands: ChoiceNote['stands']) =>
  takeEvents(
    [
      {
        id: uuid(),
        stock,
        household: home,
        about: stock,
        at: new Date().toISOString(),
        what: { kind: 'choice', stands },
      },
    ],
    maren,
  )
const idOf = async (stock: string) => (await rankedYard(home)).units.find((one) => one.stock === stock)!.id
const row = async (stock: string) => (await rowsFor(home, [await idOf(stock)]))[0]

describe('a row of the match', () => {
  it('tells the first two others of its plan and how many there are besides; all of them when asked', async () => {
    const first = await row('A-1')
    expect(first).toMatchObject({ stock: 'A-1', more: 1 })
    expect(first!.same.map(({ stock }) => stock)).toEqual(['A-2', 'A-3'])
    const all = await sameAs(home, 'A-1')
    expect(all.map(({ stock, differs }) => [stock, differs.map((one) => phraseText(one))[0]])).toEqual([
      ['A-2', '$1,000 more'],
      ['A-3', '$2,000 more'],
      ['A-4', '$3,000 more'],
    ])
  })

  it('without those that were set aside, which have rows of their own; nothing changed on either side but that', async () => {
    await row('A-1')
    await stand('A-2', 'set aside')
    expect((await row('A-1'))!.same.map(({ stock }) => stock)).toEqual(['A-3', 'A-4'])
    expect(await row('A-2')).toMatchObject({ stock: 'A-2', same: [], more: 0 })
    // Set aside itself, it leaves its plan to the next.
    await stand('A-1', 'set aside')
    expect((await row('A-3'))!.same.map(({ stock }) => stock)).toEqual(['A-4'])
    expect((await row('A-1'))!.same).toEqual([])
    for (const stock of ['A-1', 'A-2']) await stand(stock, 'open')
    expect((await row('A-1'))!.same.map(({ stock }) => stock)).toEqual(['A-2', 'A-3'])
  })

  it('of a unit that is gone there is none', async () => expect(await rowsFor(home, ['gone'])).toEqual([]))

  it('every reason comes when it is asked for, and why it stands before the next plan, not before its twin', async () => {
    const { units } = await rankedYard(home)
    const reasons = await reasonsFor(home, 'A-1')
    expect(reasons.asked.length).toBeGreaterThan(5)
    const same = units.find(({ stock }) => stock === COUPLE.stock)!.standing === units[0]!.standing
    expect(reasons.why?.over).toBe(same && units[0]!.stock === 'A-1' ? COUPLE.stock : undefined)
    await expect(reasonsFor(home, 'Z-9')).rejects.toMatchObject({ status: 404 })
  })
})

describe('which units are looked at first', () => {
  it('the best of each plan: first what is pinned, never what was set aside, never two of one plan', async () => {
    const { units } = await rankedYard(home)
    const other = units.find(({ stock }) => stock === COUPLE.stock)!
    const twins = units.filter((one) => one !== other).map(({ stock }) => stock)
    const firsts = (stands: Record<string, string>) =>
      plansInOrder(units, (stock) => stands[stock]).map(({ first }) => first.stock)
    expect(new Set(firsts({}))).toEqual(new Set([twins[0], other.stock]))
    expect(firsts({ [other.stock]: 'pinned' })).toEqual([other.stock, twins[0]])
    expect(firsts({ [twins[3]!]: 'pinned' })).toEqual([twins[0], other.stock])
    expect(firsts({ [twins[0]!]: 'set aside', [other.stock]: 'set aside' })).toEqual([twins[1]])
  })
})
