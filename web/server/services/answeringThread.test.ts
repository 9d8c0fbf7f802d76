import { beforeAll, describe, expect, it, vi } from 'vitest'
import type { SeenUnit } from '@hitchet/core/match/seen'
import { inTransaction } from '../db/database'
import { addHouseholds, householdById, latestHouseholds } from '../db/households'
import { saveTrailers, trailersByStock } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { householdsLikeTheDemos, unitsLikeTheDemos } from '../../../scripts/large/lot'

/** What is reckoned where: every fact sheet, judgement and solved room of this thread is counted; workers count for themselves. */
const reckoned = vi.hoisted(() => ({ here: [] as string[] }))
vi.mock('@hitchet/core/match/factSheet', async (original) => {
  const own = await original<typeof import('@hitchet/core/match/factSheet')>()
  return {
    ...own,
    factSheet: (...given: Parameters<typeof own.factSheet>) => (reckoned.here.push('facts'), own.factSheet(...given)),
    factsOn: (...given: Parameters<typeof own.factsOn>) => (reckoned.here.push('facts'), own.factsOn(...given)),
  }
})
vi.mock('@hitchet/core/match/judge', async (original) => {
  const own = await original<typeof import('@hitchet/core/match/judge')>()
  return {
    ...own,
    judgeFor: (...given: Parameters<typeof own.judgeFor>) => (reckoned.here.push('answers'), own.judgeFor(...given)),
  }
})
vi.mock('@hitchet/core/solver/solvers', async (original) => {
  const own = await original<typeof import('@hitchet/core/solver/solvers')>()
  return {
    ...own,
    sharedFor: (...given: Parameters<typeof own.sharedFor>) => (reckoned.here.push('rooms'), own.sharedFor(...given)),
  }
})

const { inHand, toMeasure } = await import('./desk')
const { firmnessOf, waysToFit, seenUnit, comparedUnits, answersOn, nextFor } = await import('./matching')
const { rowsFor, reasonsFor, sameAs } = await import('./matchRows')
const { besideKept, besideTyped } = await import('./yardBeside')
const { yardPage } = await import('./yardList')
const { tapeListFor } = await import('./trailers')
const { refreshInBackground, refreshed, rankedYard } = await import('./cache/answerCache')

ownDatabase('answering')

const [UNITS, HOUSEHOLDS] = [90, 24]

beforeAll(async () => {
  await inTransaction((transaction) => saveTrailers(unitsLikeTheDemos(UNITS), null, transaction))
  await inTransaction((transaction) => addHouseholds(householdsLikeTheDemos(HOUSEHOLDS), null, transaction))
})

describe('whoever asks for a page holds up nobody else', () => {
  it('a desk of which nothing is kept yet: all of it is reckoned, and nothing of it on the thread that answers', async () => {
    const { households } = await latestHouseholds(HOUSEHOLDS)
    const found = await inHand(households)
    expect(found.map(({ known }) => known)).toEqual(Array(HOUSEHOLDS).fill(UNITS))
    expect((await toMeasure(households)).open).toBe(0)
    expect(reckoned.here).toEqual([])
  })

  it('the yard, the interview, the match, a unit, its tape list, what is asked next: nothing there either', async () => {
    const { households } = await latestHouseholds(1)
    const { id } = households[0]!
    const kept = (await householdById(id))!
    const yard = await rankedYard(id)
    const { units } = yard
    expect(await waysToFit(yard, kept.household)).not.toEqual([])
    expect((await firmnessOf(yard)) ?? 1).toBeGreaterThan(0)
    expect(units).toHaveLength(UNITS)
    const best = units[0]!
    expect(await rowsFor(id, [best.id])).toHaveLength(1)
    expect((await reasonsFor(id, best.stock)).asked.length).toBeGreaterThan(5)
    expect(await sameAs(id, best.stock)).not.toEqual([])
    expect(await besideKept(kept)).toMatchObject({ all: UNITS, open: 0 })
    expect((await besideTyped(kept.household, 5)).units).toHaveLength(5)
    expect((await yardPage({ text: '', order: 'order', from: 0, household: id })).rows[0]!.unit.stock).toBe(best.stock)
    const { answers, nights } = (await seenUnit(best, kept)) as SeenUnit
    expect(answers).toEqual((await answersOn([best.id], kept.household)).get(best.id))
    expect((await comparedUnits([best], kept)).get(best.id)).toEqual({ answers, nights })
    await nextFor(kept.household)
    const [found] = await trailersByStock([best.stock])
    expect((await tapeListFor(found!, { named: true })).open).toBe(0)
    refreshInBackground('anything')
    await refreshed()
    expect(reckoned.here).toEqual([])
  })
})
