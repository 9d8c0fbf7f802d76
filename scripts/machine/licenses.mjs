import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { ROOT } from './places.mjs'

/** Whoever hands the program on has to say more of these than that they are in it: changes to them are to be given away too. */
const ASKS_MORE = /\b(MPL|LGPL|EPL|CDDL|GPL|AGPL)\b/

/**
 * Writes down which packages the program is shipped with and under what license each is, those first that ask for more than to be
 * named; from the lock file, as it is installed. @param {string} file
 */
export function writeLicenses(file) {
  const { packages } = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'))
  const all = Object.entries(packages)
    .filter(([path, { dev, link }]) => path.includes('node_modules/') && !dev && !link && existsSync(join(ROOT, path)))
    .map(([path, { version, license }]) => ({
      name: path.split('node_modules/').at(-1),
      version,
      license: license ?? licenseIn(path),
    }))
  const lines = (of) => [...new Set(of.map(({ name, version, license }) => `${name} ${version}: ${license}`))].sort()
  const [more, others] = [
    all.filter(({ license }) => ASKS_MORE.test(license)),
    all.filter(({ license }) => !ASKS_MORE.test(license)),
  ]
  writeFileSync(
    file,
    [
      'What Hitchet is made with: packages and their licenses.',
      '',
      'Under licenses that ask for more than to be named (changes to them are to be given away too; none was changed):',
      ...lines(more),
      '',
      'All others:',
      ...lines(others),
      '',
    ].join('\n'),
  )
}

/** As the package itself says, where the lock file does not. */
function licenseIn(path) {
  const file = join(ROOT, path, 'package.json')
  const said = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).license : undefined
  return typeof said === 'string' ? said : (said?.type ?? 'not said')
}
