import { spawnSync } from 'node:child_process'
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { onceFor, ROOT, Stop } from './places.mjs'
import { run } from './processes.mjs'

/**
 * The server's and client's core packages hold the programs without the service that Debian would
 * start on its own: we run our own instance, and leave none behind.
 */
const DEBIAN = [
  { package: 'mariadb-server-core', holds: '/usr/sbin/mariadbd' },
  { package: 'mariadb-client-core', holds: '/usr/bin/my_print_defaults' },
  { package: 'chromium', holds: '/usr/bin/chromium' },
]

/** Debian packages and npm packages that are missing; nothing when all are there. */
export async function installMissing() {
  checkNode()
  installDebian()
  await installNpm()
}

function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 11))
    throw new Stop(`Node ${process.versions.node} is too old: Node 20.11 or newer is needed.`)
}

/** A package that not every machine can have; whether it is there now. */
export function installIfPossible(name, holds) {
  if (existsSync(holds)) return true
  try {
    installDebian([{ package: name, holds }])
  } catch (failure) {
    console.log(`${name} cannot be installed here: ${failure.message.split('\n')[0]}`)
  }
  return existsSync(holds)
}

function installDebian(wanted = DEBIAN) {
  const missing = wanted.filter(({ holds }) => !existsSync(holds)).map((one) => one.package)
  if (missing.length === 0) return
  const apt = aptCommand()
  if (!apt) {
    throw new Stop(
      `These Debian packages are missing: ${missing.join(' ')}\nThis account may not install them. Ask an administrator to run:\n` +
        `  apt-get update && apt-get install -y --no-install-recommends ${missing.join(' ')}`,
    )
  }
  console.log(`Installing from Debian: ${missing.join(', ')}`)
  const env = { DEBIAN_FRONTEND: 'noninteractive' }
  const [command = '', ...first] = apt
  run(command, [...first, 'update', '-qq'], { env, quiet: true })
  run(command, [...first, 'install', '-y', '-qq', '--no-install-recommends', ...missing], { env, quiet: true })
}

/** As root, or by sudo where it asks for no password; undefined where neither works. */
function aptCommand() {
  if (spawnSync('apt-get', ['--version']).status !== 0) return undefined
  if (process.getuid?.() === 0) return ['apt-get']
  return spawnSync('sudo', ['-n', 'true']).status === 0 ? ['sudo', '-n', 'apt-get'] : undefined
}

async function installNpm() {
  const inputs = ['package-lock.json', 'package.json', 'core/package.json', 'web/package.json'].map((file) =>
    join(ROOT, file),
  )
  await onceFor(
    'npm',
    inputs,
    () => existsSync(join(ROOT, 'node_modules', '.package-lock.json')),
    () => {
      console.log('Installing npm packages')
      run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
    },
  )
}
