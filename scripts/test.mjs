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
import { show } from './machine/processes.mjs'
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
  for (const { good } of await checkAll()) totals[good ? 'passed' : 'failed'] += 1

  const { database, env } = await forVitest(atEnd, scratch)
  await runVitest('Vitest', ['unit', 'integration'], scratch, env)
  // Where the package cannot be had there is no cluster to try.
  if (await installGalera()) await runVitest('Cluster', ['cluster'], scratch, env)

  const address = await forPlaywright(atEnd, database)
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

/** Vitest over some of its projects. */
async function runVitest(name, projects, scratch, env) {
  const report = join(scratch, `${name}.json`)
  const chosen = projects.flatMap((project) => ['--project', project])
  const code = await sh(
    'vitest',
    ['run', ...chosen, '--reporter=default', '--reporter=json', `--outputFile=${report}`],
    env,
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

function sh(command, args, env = {}) {
  console.log(`\n> ${command} ${args.join(' ')}`)
  return show(join(BIN, command), args, { NEXT_TELEMETRY_DISABLED: '1', ...env })
}
