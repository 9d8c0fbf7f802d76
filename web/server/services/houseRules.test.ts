import { spawnSync } from 'node:child_process'
import { describe, expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES } from '@hitchet/core/rules/houseRules'
import { latestRuleSets, setRules } from '../db/houseRules'
import { houseRules, refreshHouseRules } from '../houseRules'
import { ownDatabase } from '../testing/database'
import { BadRule, setHouseRule } from './houseRules'
import { cacheKey } from './cache/cacheKey'

ownDatabase('house_rules')

const set = async (key: string, value: number | undefined) => {
  const before = await setHouseRule(key, value, 'Maren')
  await refreshHouseRules()
  return before
}

describe('a rule that the dealership sets', () => {
  it('is what everything answers by from then on, under a key of its own', async () => {
    const usual = cacheKey(houseRules())
    expect(await set('tow.reserve', 0.2)).toBe(0.1)
    expect(houseRules()).toEqual({ ...DEFAULT_HOUSE_RULES, tow: { ...DEFAULT_HOUSE_RULES.tow, reserve: 0.2 } })
    expect(cacheKey(houseRules())).not.toBe(usual)
    expect(await set('tow.reserve', undefined)).toBe(0.2)
    expect(houseRules()).toEqual(DEFAULT_HOUSE_RULES)
    expect(cacheKey(houseRules())).toBe(usual)
  })

  it('is kept with who set it and what it was, the latest first', async () => {
    await set('tow.reserve', 0.15)
    await set('tow.reserve', 0.25)
    const [last, before] = await latestRuleSets(2)
    expect([last, before]).toMatchObject([
      { rule: 'tow.reserve', value: 0.25, before: 0.15, by: 'Maren' },
      { rule: 'tow.reserve', value: 0.15, before: 0.1, by: 'Maren' },
    ])
    expect(last!.at.getTime()).toBeGreaterThanOrEqual(before!.at.getTime())
    await set('tow.reserve', undefined)
    expect(await setRules()).toEqual(new Map())
  })

  it.each([
    [
      'tow.reserve',
      0.9,
      'Share of every rating to leave unused: 0.9 can’t be set. Right would be a number from 0 to 0.3',
    ],
    ['nights.upperBunkFrom', 5, 'Upper bunk from: 5 can’t be set. Right would be a number from 6 to 10'],
    ['tow.reserve', Number.NaN, 'NaN can’t be set'],
    ['tow.speed', 1, 'There is no rule tow.speed.'],
    ['tow.waterPerGallon', 9, 'There is no rule tow.waterPerGallon.'],
  ])('%s at %d is refused in words, and nothing is kept', async (key, value, says) => {
    const before = await latestRuleSets(99)
    const failure = await setHouseRule(key, value, 'Maren').catch((one: unknown) => one)
    expect(failure).toBeInstanceOf(BadRule)
    expect((failure as Error).message).toContain(says)
    expect(await latestRuleSets(99)).toEqual(before)
  })

  it('twenty at once are all kept', async () => {
    const values = Array.from({ length: 20 }, (_, i) => Number((0.11 + 0.01 * (i % 19)).toFixed(2)))
    await Promise.all(values.map((value) => setHouseRule('tow.reserve', value, 'Maren')))
    const sets = (await latestRuleSets(20)).reverse()
    expect(sets.map(({ value }) => value).sort()).toEqual([...values].sort())
    await set('tow.reserve', undefined)
  })
})

describe('the task on the command line', () => {
  const task = (...words: string[]) => {
    const { status, stdout, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', 'web/server/tasks/houseRules.ts', ...words],
      { encoding: 'utf8', env: { ...process.env } },
    )
    return { status, stdout, stderr: stderr.trim() }
  }

  it('sets one, says what it was, lists it, and puts it back', async () => {
    expect(task('bath.stepIn', '20')).toEqual({
      status: 0,
      stdout: 'Opening of a shower or tub, the least: 20 in, was 18 in.\n',
      stderr: '',
    })
    expect(task().stdout).toContain('bath.stepIn  20 in (default 18 in)')
    expect(await setRules()).toEqual(new Map([['bath.stepIn', 20]]))
    expect(task('bath.stepIn', 'default').status).toBe(0)
    expect(await setRules()).toEqual(new Map())
  })

  it('says in one line what is wrong', () => {
    expect(task('bath.stepIn', '200')).toMatchObject({ status: 1, stdout: '' })
    expect(task('bath.stepIn', '200').stderr).toMatch(/^Opening of a shower[^\n]*from 14 to 26 in steps of 1\.$/)
    expect(task('bath.stepIn').stderr).toMatch(/^Say what to set it to[^\n]*$/)
    expect(task('bath.stepIn', 'wide').stderr).toMatch(/NaN can’t be set[^\n]*$/)
  })
})
