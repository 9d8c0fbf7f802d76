import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { onceFor, ROOT, WEB } from './places.mjs'
import { run, start, stop, waitFor } from './processes.mjs'

const NEXT = join(ROOT, 'node_modules', 'next', 'dist', 'bin', 'next')
export const JOBS = join(WEB, '.jobs')

/** Builds the worker bundle, and the pages unless neither sources nor packages changed. */
export async function build() {
  buildJobs()
  await makeLook()
  const inputs = ['core/src', 'web', 'package-lock.json', 'tsconfig.base.json', 'scripts/machine/application.mjs'].map(
    (path) => join(ROOT, path),
  )
  const isThere = () => existsSync(join(WEB, '.next', 'BUILD_ID'))
  await onceFor('build', inputs, isThere, () => {
    console.log('Building')
    run(process.execPath, [NEXT, 'build'], {
      cwd: WEB,
      quiet: true,
      env: { NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' },
    })
  })
}

/** What is the same on every page's look, as a file of its own. */
export async function makeLook() {
  const css = join(WEB, 'look', 'look.css')
  const inputs = ['theme.ts', 'palette.ts', 'rowRules.ts', 'makeCss.tsx'].map((name) => join(WEB, 'look', name))
  await onceFor(
    'look',
    [...inputs, join(ROOT, 'package-lock.json')],
    () => existsSync(css),
    () => run(process.execPath, ['--import', 'tsx', join(WEB, 'look', 'makeCss.tsx')], { cwd: WEB }),
  )
}

/** Runs a TypeScript task of the server, such as a migration, to its end. */
export const runTask = (name, env) =>
  run(process.execPath, ['--import', 'tsx', join(WEB, 'server', 'tasks', `${name}.ts`)], {
    cwd: WEB,
    env: { HITCHET_JOBS: JOBS, ...env },
  })

/** The workers' bundles, of the server and of the device: under a second, so they are always made. */
export function buildJobs() {
  run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    join(WEB, 'offline/serviceWorker.ts'),
    '--bundle',
    '--minify',
    '--platform=browser',
    '--target=es2022',
    '--define:process.env.NODE_ENV="production"',
    '--log-level=warning',
    `--outfile=${join(WEB, 'public', 'service-worker.js')}`,
  ])
  run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    join(WEB, 'server/jobs/worker.ts'),
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    // The database's driver is loaded as it is installed.
    '--external:sequelize',
    '--external:mariadb',
    '--log-level=warning',
    `--outfile=${join(JOBS, 'worker.mjs')}`,
  ])
  run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    join(WEB, 'drawing/worker.tsx'),
    '--bundle',
    '--jsx=automatic',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    '--define:process.env.NODE_ENV="production"',
    // The server's React finds Node's own parts by itself.
    '--external:react',
    '--external:react-dom',
    '--log-level=warning',
    `--outfile=${join(JOBS, 'pictures.mjs')}`,
  ])
  run(join(ROOT, 'node_modules', '.bin', 'esbuild'), [
    join(WEB, 'paper/worker.tsx'),
    '--bundle',
    '--jsx=automatic',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    '--define:process.env.NODE_ENV="production"',
    // What makes documents and letters is loaded as it is installed: it finds its own parts beside itself.
    '--external:@react-pdf/renderer',
    '--external:react',
    '--external:react-dom',
    '--log-level=warning',
    `--outfile=${join(JOBS, 'paper.mjs')}`,
  ])
}

/** Serves from sources, each change seen at once, until stopped. */
export function serveSources({ port, env }) {
  return start(process.execPath, [NEXT, 'dev', '-H', '127.0.0.1', '-p', String(port)], {
    cwd: WEB,
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', HITCHET_JOBS: JOBS, ...env },
    stdio: ['ignore', 'inherit', 'inherit'],
  })
}

/** Serves the built application until stopped. Resolves when it answers. */
export async function serve({ port, host = '127.0.0.1', env }) {
  const child = start(process.execPath, [NEXT, 'start', '-H', host, '-p', String(port)], {
    cwd: WEB,
    env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1', HITCHET_JOBS: JOBS, ...env },
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
