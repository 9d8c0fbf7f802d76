import { spawn, type ChildProcessWithoutNullStreams } from 'node:child_process'
import { createInterface } from 'node:readline'
import { fileURLToPath } from 'node:url'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { factSheet } from '@hitchet/core/match/factSheet'
import { rankWithChanges } from '@hitchet/core/match/match'
import { DEFAULT_HOUSE_RULES as RULES, rulesWith, type HouseRules } from '@hitchet/core/rules/houseRules'
import { cachedOf } from '@hitchet/core/testing/cachedYard'
import { COUPLE, FAMILY, HATCH, LONG } from '@hitchet/core/testing/lot'
import { couple, household, vehicle } from '@hitchet/core/testing/someone'
import { inTransaction } from '../db/database'
import { addHouseholds, householdById } from '../db/households'
import { allTrailers, saveTrailers } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { saveBoth, type Told } from '../testing/otherProcess'
import { refreshHouseRules } from '../houseRules'
import { setHouseRule } from './houseRules'
import { rankedYard } from './cache/answerCache'

ownDatabase('two_processes')

const STOCKS = [FAMILY, COUPLE, HATCH, LONG].map(({ stock }) => stock)

let other: ChildProcessWithoutNullStreams
let answers: AsyncIterator<string>

beforeAll(async () => {
  await inTransaction((transaction) => saveTrailers([FAMILY, COUPLE, HATCH, LONG], null, transaction))
  const script = fileURLToPath(new URL('../testing/otherProcess.ts', import.meta.url))
  other = spawn(process.execPath, ['--import', 'tsx', script], {
    cwd: fileURLToPath(new URL('../../', import.meta.url)),
    stdio: ['pipe', 'pipe', 'inherit'],
  }) as unknown as ChildProcessWithoutNullStreams
  answers = createInterface({ input: other.stdout })[Symbol.asyncIterator]()
})
afterAll(async () => {
  const gone = new Promise((resolve) => other.once('exit', resolve))
  other.stdin.end()
  await gone
})

async function ask(told: Told | { rank: string } | { rule: 'tightShare' }): Promise<unknown> {
  other.stdin.write(`${JSON.stringify(told)}\n`)
  const { value } = (await answers.next()) as { value: string }
  return JSON.parse(value)
}

describe('two processes of one house on one database', () => {
  it('save the same household and the same unit at once; every yard right after is right in both', async () => {
    const they = household(couple({ name: 'Ro' }, { name: 'Mi' }), {
      vehicle: vehicle({ towRating: 7_000, payload: 1_500, gcwr: 14_000, curbWeight: 5_200 }),
    })
    const [id] = await inTransaction((transaction) => addHouseholds([they], null, transaction))
    for (let round = 0; round < 6; round++) {
      const told = (more: number): Told => ({
        household: id!,
        budget: 15_000 + 4_000 * round + more,
        stock: STOCKS[(round + (more ? 1 : 0)) % STOCKS.length]!,
        uvw: 2_600 + 100 * round + more,
      })
      await Promise.all([saveBoth(told(0)), ask(told(57))])
      const [here, there] = await Promise.all([rankedYard(id!), ask({ rank: id! })])
      const now = (await householdById(id!))!.household
      const units = (await allTrailers()).map((one) => ({ id: one.id, facts: factSheet(one.trailer, RULES) }))
      const right = JSON.parse(JSON.stringify(cachedOf(rankWithChanges(units, now, RULES), now, RULES))) as object[]
      expect(here.units, `here, round ${round}`).toMatchObject(right)
      expect(there, `there, round ${round}`).toMatchObject(right)
    }
    // Both saved each time: nothing was overwritten unseen.
    expect((await householdById(id!))!.version).toBe(13)
  })

  it('go by a rule that one of them sets, and answer by it alike', async () => {
    const they = household(couple(), { limits: { budget: 33_000 } })
    const [id] = await inTransaction((transaction) => addHouseholds([they], null, transaction))
    await setHouseRule('price.tightShare', 0.15, 'Nell')
    await refreshHouseRules()
    await vi.waitFor(async () => expect(await ask({ rule: 'tightShare' })).toBe(0.15), { timeout: 60_000 })
    const now = (await householdById(id!))!.household
    const rules = rulesWith(new Map([['price.tightShare', 0.15]]))
    const units = (await allTrailers()).map((one) => ({ id: one.id, facts: factSheet(one.trailer, rules) }))
    const by = (set: HouseRules) =>
      JSON.parse(JSON.stringify(cachedOf(rankWithChanges(units, now, set), now, set))) as object[]
    expect(by(rules)).not.toEqual(by(RULES))
    const [here, there] = await Promise.all([rankedYard(id!), ask({ rank: id! })])
    expect(here.units).toMatchObject(by(rules))
    expect(there).toMatchObject(by(rules))
  })
})
