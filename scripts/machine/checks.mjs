import { join } from 'node:path'
import { makeLook } from './application.mjs'
import { HOME, ROOT } from './places.mjs'
import { start } from './processes.mjs'

const BIN = join(ROOT, 'node_modules', '.bin')

/** What a check found lately, so that it looks at what changed only. */
const KEPT = join(HOME, 'checks')
const remembering = (name) => ['--incremental', '--tsBuildInfoFile', join(KEPT, `${name}.tsbuildinfo`)]

/** What holds of the text alone, without running it. Each passes or fails as a whole. */
const CHECKS = [
  {
    name: 'types of core, command line and tests',
    command: 'tsc',
    args: ['--noEmit', '-p', '.', ...remembering('core')],
  },
  {
    name: 'types of scripts',
    command: 'tsc',
    args: ['--noEmit', '-p', 'tsconfig.scripts.json', ...remembering('scripts')],
  },
  { name: 'types of web', command: 'tsc', args: ['--noEmit', '-p', 'web', ...remembering('web')] },
  {
    name: 'layout',
    command: 'prettier',
    args: ['--check', '--log-level=warn', '--cache', '--cache-location', `${KEPT}/layout`, '.'],
  },
  { name: 'lint', command: 'eslint', args: ['.', '--cache', '--cache-location', `${KEPT}/lint/`] },
  { name: 'layer rules', command: 'depcruise', args: ['core/src', 'web', 'cli', 'scripts'] },
]

/**
 * Runs all checks, two at a time; what a check says is shown only when it fails. Resolves to their names and
 * outcomes.
 */
export async function checkAll() {
  // What is made from sources is imported like them.
  await makeLook()
  const open = [...CHECKS]
  const done = []
  const next = async () => {
    for (let check = open.shift(); check; check = open.shift()) {
      const { code, said } = await sayingOf(check)
      if (code !== 0) process.stdout.write(`\n${said}`)
      console.log(`${code === 0 ? 'good' : 'NOT GOOD'}: ${check.name}`)
      done.push({ name: check.name, good: code === 0 })
    }
  }
  await Promise.all([next(), next()])
  return done
}

function sayingOf({ command, args }) {
  return new Promise((resolve) => {
    const child = start(join(BIN, command), args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    let said = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => (said += part))
    child.once('error', (failure) => resolve({ code: 1, said: String(failure) }))
    child.once('exit', (code) => resolve({ code, said }))
  })
}
