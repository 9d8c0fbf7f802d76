import { spawnSync } from 'node:child_process'
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT, Stop } from './places.mjs'
import { run } from './processes.mjs'

/**
 * The server's and client's core packages hold the programs without the service that Debian would
 * start on its own: we run our own instance, and leave none behind.
 */
const DEBIAN = [
  { package: 'mariadb-server-core', holds: '/usr/sbin/mariadbd' },
  { package: 'mariadb-client-core', holds: '/usr/bin/my_print_defaults' },
  { package: 'chromium', holds: '/usr/bin/chromium' },
  { package: 'openssl', holds: '/usr/bin/openssl' },
]

/** Debian packages and npm packages that are missing; nothing when all are there. */
export async function installMissing() {
  checkNode()
  await installDebian()
  await installNpm()
}

function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number)
  if (major < 20 || (major === 20 && minor < 11))
    throw new Stop(`Node ${process.versions.node} is too old: Node 20.11 or newer is needed.`)
}

/** A package that not every machine can have; whether it is there now. */
export async function installIfPossible(name, holds) {
  if (existsSync(holds)) return true
  try {
    await installDebian([{ package: name, holds }])
  } catch (failure) {
    console.error(`${name} cannot be installed here: ${failure.message.split('\n')[0]}`)
  }
  return existsSync(holds)
}

async function installDebian(wanted = DEBIAN) {
  const missing = wanted.filter(({ holds }) => !existsSync(holds)).map((one) => one.package)
  if (missing.length === 0) return
  const apt = aptCommand()
  if (!apt) {
    throw new Stop(
      `These Debian packages are missing: ${missing.join(' ')}\nThis account may not install them. Ask an administrator to run:\n` +
        `  apt-get update && apt-get install -y --no-install-recommends ${missing.join(' ')}`,
    )
  }
  console.error(`Installing from Debian: ${missing.join(', ')}`)
  const env = { DEBIAN_FRONTEND: 'noninteractive' }
  const [command = '', ...first] = apt
  await run(command, [...first, 'update', '-qq'], { env, quiet: true })
  // Once more where Debian holds it for installed and the program is gone.
  const install = ['install', '-y', '-qq', '--reinstall', '--no-install-recommends', ...missing]
  await run(command, [...first, ...install], { env, quiet: true })
  const gone = wanted.filter(({ holds }) => !existsSync(holds))
  if (gone.length)
    throw new Stop(`Installed, and still not there: ${gone.map((one) => `${one.holds} of ${one.package}`).join(', ')}`)
}

/** As root, or by sudo where it asks for no password; undefined where neither works. */
function aptCommand() {
  if (spawnSync('apt-get', ['--version']).status !== 0) return undefined
  if (process.getuid?.() === 0) return ['apt-get']
  return spawnSync('sudo', ['-n', 'true']).status === 0 ? ['sudo', '-n', 'apt-get'] : undefined
}

async function installNpm() {
  if (isInstalled(packagesIn('package-lock.json'), packagesIn('node_modules/.package-lock.json'))) return
  console.error('Installing npm packages')
  await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
}

/**
 * Whether all that the lock file names is there as it names it; what is for other machines may be missing.
 *
 * @typedef {Record<string, { version?: string, link?: boolean, optional?: boolean, integrity?: string }>} Packages
 * @param {Packages | undefined} wanted
 * @param {Packages | undefined} there
 */
export function isInstalled(wanted, there) {
  if (!wanted || !there) return false
  return Object.entries(wanted).every(([path, { version, link, optional, integrity }]) => {
    const found = there[path]
    if (!path.includes('node_modules/') || link) return true
    return found ? found.version === version && found.integrity === integrity : Boolean(optional)
  })
}

/** @returns {Packages | undefined} */
function packagesIn(file) {
  const path = join(ROOT, file)
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')).packages : undefined
}
