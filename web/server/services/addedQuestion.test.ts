import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { copiedHouse } from '../testing/copiedHouse'
import { ownDatabase } from '../testing/database'

ownDatabase('question', { migrated: false })

/** A question nobody asks: how old it may be. Its folder is all there is of it. */
const VINTAGE = `
import type { Trailer } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, tight } from '../reason'
import { says } from '../../quantity/phrase'

interface VintageFacts {
  year: number
  old: boolean
}
interface VintageRules {
  newest: number
  oldBefore: number
}

export const vintage: Question<'vintage', VintageFacts, VintageRules, VintageRules, 'oldBefore'> = {
  id: 'vintage',
  words: { asks: 'Is it of a good year?', short: 'Good year', topic: 'its year', against: 'of a bad year' },
  version: 1,
  rules: { newest: 1900, oldBefore: 2015 },
  baked: ['oldBefore'],
  weight: 1,
  living: false,
  drawing: [],
  cautions: [],
  facts: ({ year }: Trailer, { oldBefore }) => ({ year, old: year < oldBefore }),
  need: (_household, rules) => rules,
  judge: ({ facts: { year }, need: { newest }, shared: { nights } }) => {
    const who = nights.need.everyNight.sleepers
    return answerOf([
      year > newest
        ? tight(says\`Built in \${year}, long after \${newest}, for \${who.length} sleepers.\`, { brief: 'too new' })
        : fits(says\`Old enough.\`),
    ])
  },
}
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

  it('the command line asks it', { timeout: 300_000 }, () => {
    const rank = ['rank', '--stock', 'demo/yard', '--household', 'demo/households/vossberg.json']
    expect(house.run('node', ['--import', 'tsx', 'cli/hitchet.ts', ...rank])).toContain('Is it of a good year? TIGHT')
  })
})
