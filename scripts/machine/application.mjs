import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { writeLicenses } from './licenses.mjs'
import { HOME, onceFor, ROOT, WEB } from './places.mjs'
import { run, start, stop, waitFor } from './processes.mjs'

const NEXT = join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next')
export const JOBS = join(WEB, '.jobs')

/** Builds the worker bundle, and the pages unless neither sources nor packages changed. */
export async function build() {
  await buildJobs()
  await makeLook()
  writeLicenses(join(HOME, 'licenses.txt'))
  const inputs = ['core/src', 'web', 'package-lock.json', 'tsconfig.base.json', 'scripts/machine/application.mjs'].map(
    (path) => join(ROOT, path),
  )
  const isThere = () => existsSync(join(WEB, '.next', 'BUILD_ID'))
  await onceFor('build', inputs, isThere, async () => {
    console.error('Building')
    await run(process.execPath, [NEXT, 'build'], {
      cwd: WEB,
      quiet: true,
      env: { NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
    })
  })
}

/** What is the same on every page's look, as a file of its own. */
export async function makeLook() {
  const css = join(WEB, 'look', 'look.css')
  const inputs = ['theme.ts', 'palette.ts', 'rowRules.ts', 'fieldRules.ts', 'makeCss.tsx'].map((name) =>
    join(WEB, 'look', name),
  )
  await onceFor(
    'look',
    [...inputs, join(ROOT, 'package-lock.json')],
    () => existsSync(css),
    () => run(process.execPath, ['--import', 'tsx', join(WEB, 'look', 'makeCss.tsx')], { cwd: WEB }),
  )
}

/** Runs a TypeScript task of the server, such as a migration, to its end; `input` is what somebody would type. */
export const runTask = (name, env, args = [], /** @type {string | undefined} */ input = undefined) =>
  run(process.execPath, ['--import', 'tsx', join(WEB, 'server', 'tasks', `${name}.ts`), ...args], {
    cwd: WEB,
    env: { HITCHET_JOBS: JOBS, ...env },
    input,
  })

/** The workers' bundles, of the server and of the device: under a second, so they are always made. */
export async function buildJobs() {
  await bundle('offline/serviceWorker.ts', join(WEB, 'public', 'service-worker.js'), [
    '--minify',
    '--platform=browser',
    '--target=es2022',
    ...FOR_GOOD,
  ])
  await bundle('server/jobs/worker.ts', join(JOBS, 'worker.mjs'), [...FOR_NODE, ...AS_INSTALLED])
  // The server's React finds Node's own parts by itself, what makes documents and letters its own beside itself.
  const drawing = [...FOR_NODE, ...FOR_GOOD, '--jsx=automatic', ...as('react', 'react-dom')]
  await bundle('drawing/worker.tsx', join(JOBS, 'pictures.mjs'), drawing)
  await bundle('paper/worker.tsx', join(JOBS, 'paper.mjs'), [...drawing, ...as('@react-pdf/renderer', 'wawoff2')])
}

export const FOR_NODE = ['--platform=node', '--format=esm', '--target=node20']
const FOR_GOOD = ['--define:process.env.NODE_ENV="production"']
export const as = (...installed) => installed.map((name) => `--external:${name}`)

/** What speaks to the database and what logs is loaded as it is installed: neither can be bundled. */
export const AS_INSTALLED = as('sequelize', 'mariadb', 'pino')

const bundle = (entry, out, args) =>
  run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    join(WEB, entry),
    '--bundle',
    '--log-level=warning',
    ...args,
    `--outfile=${out}`,
  ])

/** Serves from sources, each change seen at once, until stopped. */
export function serveSources({ port, env }) {
  return start(process.execPath, [NEXT, 'dev', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: WEB,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', HITCHET_JOBS: JOBS, ...env },
    stdio: ['ignore', 'inherit', 'inherit'],
  })
}

/**
 * Left to itself a process takes twice the memory that it uses before it gives any back, in each of its threads, and a pool
 * of it for each of these besides. Three tenths more is taken so, which costs whoever reckons a few percent; and half of the usual
 * room for young objects, which costs pages nothing: with fifty people 40 to 70 MB less.
 */
const SPARING = ['--heap-growing-percent=100', '--max-semi-space-size=32']
const ONE_POOL = { MALLOC_ARENA_MAX: '2' }

/** Serves the built application until stopped. Resolves when it answers. */
export async function serve({ port, host = '127.0.0.1', env, flags = /** @type {string[]} */ ([]) }) {
  const own = {
    NODE_ENV: 'production',
    NEXT_TELEMETRY_DISABLED: '1',
    HITCHET_JOBS: JOBS,
    PORT: String(port),
    HOST: host,
  }
  const child = start(process.execPath, [...SPARING, ...flags, join(WEB, 'serve.mjs')], {
    cwd: WEB,
    env: { ...ONE_POOL, ...process.env, ...own, ...env },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const address = `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`
  try {
    await waitFor(() => healthy(address), child, 'The application')
  } catch (failure) {
    await stop(child)
    throw failure
  }
  return { address, child, stop: () => stop(child) }
}

export async function healthy(address) {
  try {
    return (await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(2000) })).ok
  } catch {
    return false
  }
}
