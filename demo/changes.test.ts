import { describe, expect, it } from 'vitest'
import type { Household } from '../core/src/household/household'
import { factSheet } from '../core/src/match/factSheet'
import { waysOver } from '../core/src/testing/cachedYard'
import { rankWithChanges, type Match } from '../core/src/match/match'
import { phraseText } from '../core/src/quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../core/src/rules/houseRules'
import { households as demoHouseholds, trailers as demoTrailers } from './testing/files'

const yard = demoTrailers().map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) }))
const households = demoHouseholds()
const possible = (matches: readonly Match[]) =>
  matches.filter(({ standing }) => standing === 'fits' || standing === 'measure').map(({ id }) => id)

/** The change in words, made by hand on the household: shares no code with how it was found. */
function made(words: string, of: Household): Household | undefined {
  const now = structuredClone(of)
  for (const part of words.split(/(?:,| and) (?=they |the |\d|\w+ (?:sleeps|and))/)) {
    const money = /^they spend \$([\d,]+) more$/.exec(part)
    const length = /^(\d+) ft(?: (\d+) in)? of (trailer|rig) is allowed$/.exec(part)
    const rating =
      /^they had a (tow rating of|payload of|GCWR of|GVWR of|receiver that carries|receiver rated) ([\d,]+) lb$/.exec(
        part,
      )
    if (money) now.limits.budget = now.limits.budget! + Number(money[1]!.replaceAll(',', ''))
    else if (length)
      now.limits[length[3] === 'rig' ? 'rigLength' : 'trailerLength'] =
        Number(length[1]) * 12 + Number(length[2] ?? 0) + 0.5
    else if (rating)
      now.vehicle.readings[KEYS[rating[1]!]!] = [{ value: Number(rating[2]!.replaceAll(',', '')), source: 'label' }]
    else return undefined
  }
  return now
}
const KEYS: Record<string, string> = {
  'tow rating of': 'towRating',
  'payload of': 'payload',
  'GCWR of': 'gcwr',
  'GVWR of': 'gvwr',
  'receiver that carries': 'hitchTongue',
  'receiver rated': 'hitchTrailer',
}

describe('what is said to let a unit in does', () => {
  it.each(households.map((one) => [one.name, one] as const))('%s', (_, of) => {
    const matches = rankWithChanges(yard, of, RULES)
    const before = possible(matches)
    let checked = 0
    for (const { says, units } of waysOver(yard, of, RULES)) {
      const changed = made(phraseText(says), of)
      if (!changed) continue
      const gained = possible(rankWithChanges(yard, changed, RULES)).filter((id) => !before.includes(id))
      expect(gained.sort(), phraseText(says)).toEqual([...units].sort())
      checked += 1
    }
    for (const { id, nearly } of matches) {
      const changed = nearly?.changes.reduce<Household | undefined>(
        (now, words) => now && made(phraseText(words), now),
        of,
      )
      if (!changed) continue
      expect(possible(rankWithChanges(yard, changed, RULES)), id).toContain(id)
      checked += 1
    }
    // A household that everything small was given up for already has nothing to change.
    expect(checked + matches.filter(({ standing }) => standing !== 'out').length).toBeGreaterThan(0)
  })
})
