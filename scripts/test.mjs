#!/usr/bin/env node
// npm test: sets up what is missing and runs everything: types, lint, layer rules, Vitest, integration, Playwright.
import { spawnSync } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { build, runTask, serve } from './machine/application.mjs'
import { withEnding } from './machine/ending.mjs'
import { installMissing } from './machine/install.mjs'
import { startMariaDb } from './machine/mariadb.mjs'
import { ROOT, Stop } from './machine/places.mjs'
import { freePort } from './machine/processes.mjs'

const BIN = join(ROOT, 'node_modules', '.bin')
const totals = { passed: 0, failed: 0 }

await withEnding(async (atEnd) => {
  await installMissing()
  const scratch = mkdtempSync(join(tmpdir(), 'hitchet-test-'))
  atEnd(() => rmSync(scratch, { recursive: true, force: true }))

  check('types of core, command line and scripts', 'tsc', ['--noEmit', '-p', '.'])
  check('lint', 'eslint', ['.'])
  check('layer rules', 'depcruise', ['core/src', 'web', 'cli', 'scripts'])
  await build()
  check('types of web', 'tsc', ['--noEmit', '-p', 'web'])

  const database = await startMariaDb(join(scratch, 'db'))
  atEnd(database.stop)
  const report = join(scratch, 'vitest.json')
  const vitest = sh(join(BIN, 'vitest'), ['run', '--reporter=default', '--reporter=json', `--outputFile=${report}`], {
    HITCHET_TEST_DATABASE: database.url(),
    HITCHET_JOBS: join(ROOT, 'web', '.jobs'),
  })
  count('Vitest', vitest, () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites, testResults } = JSON.parse(
      readFileSync(report, 'utf8'),
    )
    const broken = testResults.filter(
      ({ status, assertionResults }) => status === 'failed' && assertionResults.length === 0,
    ).length
    return { passed: numPassedTests, failed: numFailedTests + broken || (numFailedTestSuites ? 1 : 0) }
  })

  const env = {
    DATABASE_URL: database.url(),
    SESSION_SECRET: 'only for tests, never for a dealership',
    HITCHET_DEMO: '1',
  }
  runTask('migrate', env)
  runTask('loadDemo', env)
  const server = await serve({ port: await freePort(), env })
  atEnd(server.stop)
  const browserReport = join(scratch, 'playwright.json')
  const playwright = sh(join(BIN, 'playwright'), ['test', '--config', 'e2e/playwright.config.ts'], {
    HITCHET_ADDRESS: server.address,
    PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
  })
  count('Playwright', playwright, () => {
    const { expected, unexpected, flaky } = JSON.parse(readFileSync(browserReport, 'utf8')).stats
    if (flaky) console.log(`${flaky} passed at the second try only`)
    return { passed: expected + flaky, failed: unexpected }
  })

  console.log(`\n${totals.passed} passed, ${totals.failed} failed`)
  if (totals.failed) throw new Stop('Not everything holds; see above.')
})

/** One check that passes or fails as a whole. */
function check(name, command, args) {
  const good = sh(join(BIN, command), args) === 0
  console.log(`${good ? 'good' : 'NOT GOOD'}: ${name}`)
  totals[good ? 'passed' : 'failed'] += 1
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
  console.log(`\n> ${command.replace(`${BIN}/`, '')} ${args.join(' ')}`)
  return (
    spawnSync(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
    }).status ?? 1
  )
}
