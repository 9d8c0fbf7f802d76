import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { copiedHouse } from '../testing/copiedHouse'
import { ownDatabase } from '../testing/database'

ownDatabase('question', { migrated: false })

/** A question nobody asks: how old it may be, and that nobody goes out in an old one for a short trip. Its folder is all there is of it. */
const VINTAGE = `
import type { Trailer } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { limitsRaised } from '../limits'
import { fits, no, tight } from '../reason'
import { rule, type ValuesOf } from '../../rule/rule'
import type { Helping, Limit } from '../helping'
import type { Open } from '../open'
import type { Household } from '../../household/household'
import { says } from '../../quantity/phrase'

interface VintageFacts {
  year: number
  old: boolean
}
const VINTAGE_RULES = {
  newest: rule('New up to', 1900, 'year', [1880, 1950], 'Common practice'),
  oldBefore: rule('Old before', 2015, 'year', [1990, 2020], 'Common practice'),
} as const

interface VintageNeed extends ValuesOf<typeof VINTAGE_RULES> {
  nights: number
  hitch: number
}

const LIMITS: readonly Limit[] = [
  {
    kind: 'nights',
    decides: () => true,
    now: ({ trip }) => trip.nights,
    raised: ({ trip }, amount, size) => ({
      id: 'nights',
      size,
      says: says\`they stay \${amount} nights longer\`,
      change: (now) => ({
        ...now,
        household: { ...now.household, trip: { ...now.household.trip, nights: trip.nights + amount } },
      }),
    }),
  },
]
const helping: Helping<unknown, unknown> = {
  turn: 2,
  least: () => 0,
  smallest: ({ answer, household }) => limitsRaised(LIMITS, answer, household, () => 10),
}
const longer = (household: Household): Household => ({ ...household, trip: { ...household.trip, nights: 2 } })
const open = (household: Household): Open[] => [
  { field: 'trip.nights', asks: says\`How long they stay\`, answers: [{ household }, { household: longer(household) }] },
]

export const vintage: Question<'vintage', VintageFacts, VintageNeed, typeof VINTAGE_RULES, 'oldBefore'> = {
  id: 'vintage',
  words: { asks: 'Is it of a good year?', short: 'Good year', topic: 'its year', against: 'of a bad year' },
  version: 1,
  rules: VINTAGE_RULES,
  factRules: ['oldBefore'],
  weight: 1,
  living: false,
  drawing: [],
  cautions: [],
  helping,
  limits: LIMITS,
  open,
  facts: ({ year }: Trailer, { oldBefore }) => ({ year, old: year < oldBefore }),
  need: ({ trip: { nights, hitch = 0 } }, rules) => ({ ...rules, nights, hitch }),
  judge: ({ facts: { year, old }, need: { newest, nights: out }, shared: { nights } }) => {
    const who = nights.need.everyNight.sleepers
    if (old && out < 6)
      return answerOf([no(says\`Too old for \${out} nights.\`, { margin: { value: out - 6, unit: 'night', plenty: 9 } })])
    return answerOf([
      year > newest
        ? tight(says\`Built in \${year}, long after \${newest}, for \${who.length} sleepers.\`, { brief: 'too new' })
        : fits(says\`Old enough.\`),
    ])
  },
}
`

/** A unit of 2010, whole and with nothing against it but its year. */
const ASKS = `
import { bindingConstraints } from './match/bindingConstraints'
import { factsOn } from './match/factSheet'
import { judgeFor } from './match/judge'
import { cachedMatch, outOf } from './match/cachedMatch'
import { rankWithChanges } from './match/match'
import { nextQuestion } from './match/asking/nextQuestion'
import { phraseText } from './quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from './rules/houseRules'
import { couple, household, vehicle } from './testing/someone'
import { berth, fixture, unit } from './testing/unit'

const queen = berth('bed', 60, 80, { shape: { rect: [2, 2, 80, 60] }, access: ['door', 'rear'] })
const bath = [
  fixture('toilet', [2, 72, 24, 22], { room: 26 }, { faces: 'rear' }),
  fixture('shower', [202, 2, 36, 30], { headroom: 78 }),
]
const drawn = unit({ fixtures: bath, berths: [queen], windows: [{ id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] }] })
const old = { id: 'OLD', facts: factsOn({ ...drawn, year: 2010 }, RULES) }
const sound = { id: 'NEW', facts: factsOn({ ...drawn, year: 2014 }, RULES) }
const pulls = vehicle({ towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, seats: 5 })
const they = household(couple({ height: 66, weight: 150 }, { height: 66, weight: 150 }), {
  vehicle: pulls,
  trip: { nights: 4, hookups: 'full', season: 'summer', spreads: 'yes' },
  limits: { budget: 90_000, trailerLength: 400 },
})
const ranked = rankWithChanges([old], they, RULES)
const kept = ranked.map((one) => ({ id: one.id, ...cachedMatch(one, they, RULES.ranking) }))
const longer = { ...they, trip: { ...they.trip, nights: 9 } }
const odd = { ...they, trip: { ...they.trip, hitch: 900 } }
console.log(
  JSON.stringify({
    nearly: ranked[0]!.nearly?.changes.map((words) => phraseText(words)),
    ways: bindingConstraints(outOf(kept), () => old.facts, they, RULES).map(({ says }) => phraseText(says)),
    next: nextQuestion([old, sound], longer, RULES)?.field,
    doubted: Object.entries(judgeFor(odd, RULES)(old.facts)).flatMap(([id, { missing }]) =>
      missing.includes('household.trip.hitch') ? [id] : [],
    ),
  }),
)
`

const house = copiedHouse()
afterAll(house.remove)

/** What a developer does: the folder, one import, one entry. */
beforeAll(() => {
  house.write('core/src/questions/vintage/vintage.ts', VINTAGE)
  house.edit('core/src/questions/index.ts', (text) =>
    text
      .replace('import { wishes }', "import { vintage } from './vintage/vintage'\nimport { wishes }")
      .replace(/\bprice,?\s*\] as const/, 'price, vintage] as const'),
  )
})

describe('a question is a folder, an import and an entry', () => {
  it('and nothing else: all that knows questions still compiles', { timeout: 300_000 }, () => {
    house.write(
      'tsconfig.json',
      JSON.stringify({
        extends: './tsconfig.base.json',
        compilerOptions: { lib: ['ES2023', 'DOM'], types: ['node'] },
        include: ['cli/hitchet.ts', 'core/src'],
      }),
    )
    house.write('web/next-env.d.ts', '/// <reference types="next" />')
    expect(house.run('tsc', ['--noEmit', '-p', '.'])).toBe('')
    expect(house.run('tsc', ['--noEmit', '-p', 'web'])).toBe('')
  })

  it('it is stored, ranked, and seen in Match and Compare', { timeout: 300_000 }, () => {
    const jobs = join(house.at, 'web', '.jobs')
    const bundle = ['--bundle', '--platform=node', '--format=esm', '--target=node20', '--log-level=warning']
    const driver = ['--external:sequelize', '--external:mariadb', '--external:pino']
    house.run('esbuild', ['web/server/jobs/worker.ts', ...bundle, ...driver, `--outfile=${jobs}/worker.mjs`])
    const seen = JSON.parse(
      house.run('node', ['--import', 'tsx', 'web/server/testing/seenOnScreens.tsx'], {
        HITCHET_JOBS: jobs,
        TSX_TSCONFIG_PATH: 'web/tsconfig.json',
      }),
    ) as { stored: string[]; ranked: string[]; match: string; compare: string }
    expect(seen.stored).toContain('vintage')
    expect(seen.ranked.at(-1)).toBe('vintage')
    expect(seen.match).toMatch(/Is it of a good year\? Tight too new Tight: Built in/)
    expect(seen.compare).toMatch(/Good year .*Built in 20\d\d, long after 1900, for \d sleepers\./)
  })

  it('what can be changed about it brings a unit in; it is in the way, asked next, and waits for what is odd', () => {
    house.write('core/src/asksVintage.ts', ASKS)
    const said = JSON.parse(house.run('node', ['--import', 'tsx', 'core/src/asksVintage.ts'])) as Record<
      string,
      unknown
    >
    expect(said).toEqual({
      nearly: ['they stay 2 nights longer'],
      ways: ['they stay 2 nights longer'],
      next: 'trip.nights',
      doubted: ['tow', 'vintage'],
    })
  })

  it('the command line asks it', { timeout: 300_000 }, () => {
    const rank = ['rank', '--stock', 'demo/yard', '--household', 'demo/households/vossberg.json']
    expect(house.run('node', ['--import', 'tsx', 'cli/hitchet.ts', ...rank])).toContain('Is it of a good year? TIGHT')
  })
})
