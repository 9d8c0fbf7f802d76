import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { STANCES } from '../household/wishes/stances'
import { QUESTIONS } from './index'

const core = new URL('../', import.meta.url)
const IDS = QUESTIONS.map(({ id }) => id).join('|')
/** A question's id as a text, as a part of facts, rules or answers, or taken out of these by name. */
const NAMES = new RegExp(
  `'(${IDS})'|\\b(facts|rules|answers|shared)\\??\\.(${IDS})\\b|\\{[^{}]*\\b(${IDS})\\b[^{}]*\\}: (FactSheet|HouseRules|Answers)`,
)

/** What is shown of a unit beside the answers: how it sleeps, is loaded and is packed. */
const SHOWS_ITS_OWN = 'match/seen.ts'

describe('what ranks knows no question by name', () => {
  const files = readdirSync(core, { recursive: true, encoding: 'utf8' }).filter(
    (name) => /^(match|solver)\/.*\.ts$/.test(name) && !/\.test\.ts$/.test(name),
  )
  it.each(files.filter((name) => name !== SHOWS_ITS_OWN))('%s', (name) =>
    expect(NAMES.exec(readFileSync(new URL(name, core), 'utf8'))?.[0]).toBeUndefined(),
  )

  it('and the one that shows what is their own does name some, so that this test looks for what there is', () =>
    expect(NAMES.test(readFileSync(new URL(SHOWS_ITS_OWN, core), 'utf8'))).toBe(true))
})

it('each thing that people argue about is heard of by a question that there is', () => {
  const ids: readonly string[] = QUESTIONS.map(({ id }) => id)
  for (const { question } of Object.values(STANCES)) expect(ids).toContain(question)
})
