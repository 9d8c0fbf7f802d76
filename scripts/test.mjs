#!/usr/bin/env node
// npm test: sets up what is missing and runs everything: types, layout, lint, layer rules, Vitest, integration, Playwright.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { build } from './machine/application.mjs'
import { checkAll } from './machine/checks.mjs'
import { withEnding } from './machine/ending.mjs'
import { installGalera } from './machine/galera.mjs'
import { installMissing } from './machine/install.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { show, showAfter } from './machine/processes.mjs'
import { forPlaywright, forVitest, scratchFolder } from './machine/testbed.mjs'

const BIN = join(ROOT, 'node_modules', '.bin')
const totals = { passed: 0, failed: 0 }

/** A browser test that passed at its second try is a defect; so many are still put down to a machine that is shared. */
const FLAKY_MOST = 2

await withEnding(async (atEnd) => {
  await installMissing()
  const scratch = scratchFolder(atEnd)
  // The pages are built first: with them come the types of their routes.
  await build()
  const { database, env } = await forVitest(atEnd, scratch)
  // Where the package cannot be had there is no cluster to try.
  const hasGalera = await installGalera()
  // On one core what needs no database, on the other what shares one.
  const [, address] = await Promise.all([
    (async () => {
      for (const { good } of await checkAll()) totals[good ? 'passed' : 'failed'] += 1
      await runVitest('Unit', 'unit', scratch, env)
    })(),
    (async () => {
      await runVitest('Integration', 'integration', scratch, env, showAfter)
      if (hasGalera) await runVitest('Cluster', 'cluster', scratch, env, showAfter)
      return forPlaywright(atEnd, database)
    })(),
  ])

  const browserReport = join(scratch, 'playwright.json')
  const playwright = await sh('playwright', ['test', '--config', 'e2e/playwright.config.ts'], {
    ...address,
    PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
  })
  count('Playwright', playwright, () => {
    const { stats, suites } = JSON.parse(readFileSync(browserReport, 'utf8'))
    const flaky = flakyIn(suites)
    console.log(`${flaky.length} flaky${flaky.length ? `: ${flaky.join('; ')}` : ''}`)
    const tooMany = flaky.length > FLAKY_MOST ? flaky.length : 0
    return { passed: stats.expected + stats.flaky - tooMany, failed: stats.unexpected + tooMany }
  })

  console.log(`\n${totals.passed} passed, ${totals.failed} failed`)
  if (totals.failed) throw new Stop('Not everything holds; see above.')
})

/** Vitest over one of its projects. */
async function runVitest(name, project, scratch, env, by = show) {
  const report = join(scratch, `${name}.json`)
  const code = await sh(
    'vitest',
    ['run', '--project', project, '--reporter=default', '--reporter=json', `--outputFile=${report}`],
    env,
    by,
  )
  count(name, code, () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(
      readFileSync(report, 'utf8'),
    )
    const broken = testResults.filter(
      ({ status, assertionResults }) => status === 'failed' && assertionResults.length === 0,
    ).length
    return { passed: numPassedTests, failed: numFailedTests + broken || (numFailedTestSuites ? 1 : 0) }
  })
}

/** The names of those that passed at the second try only. */
function flakyIn(suites) {
  return suites.flatMap(({ suites: inner = [], specs = [] }) => [
    ...specs.filter(({ tests }) => tests.some(({ status }) => status === 'flaky')).map(({ title }) => title),
    ...flakyIn(inner),
  ])
}

/** A runner's own numbers; one that broke before it could count has failed once. */
function count(name, code, read) {
  let numbers
  try {
    numbers = read()
  } catch {
    numbers = { passed: 0, failed: 1 }
  }
  if (code !== 0 && numbers.failed === 0) numbers.failed = 1
  console.log(`${name}: ${numbers.passed} passed, ${numbers.failed} failed`)
  totals.passed += numbers.passed
  totals.failed += numbers.failed
}

function sh(command, args, env = {}, by = show) {
  console.log(`\n> ${command} ${args.join(' ')}`)
  return by(join(BIN, command), args, { NEXT_TELEMETRY_DISABLED: '1', ...env })
}
