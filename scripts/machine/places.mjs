import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('../..', import.meta.url)).replace(/\/$/, '')
export const WEB = join(ROOT, 'web')

/** All that the program makes for itself on this machine: databases, stamps, state. Git does not see it. */
export const HOME = process.env.HITCHET_HOME ?? join(ROOT, '.hitchet')

/** Said to the person at the keyboard instead of a stack trace. */
export class Stop extends Error {}

/** Runs `work` unless it already ran for the same inputs; `inputs` are files, folders or plain texts. */
export async function onceFor(name, inputs, isThere, work) {
  const stamp = join(HOME, `${name}.stamp`)
  const wanted = fingerprint(inputs)
  if (isThere() && existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return false
  await work()
  mkdirSync(HOME, { recursive: true })
  writeFileSync(stamp, wanted)
  return true
}

function fingerprint(inputs) {
  const hash = createHash('sha256')
  for (const input of inputs)
    for (const file of filesUnder(input)) hash.update(file).update(existsSync(file) ? readFileSync(file) : '')
  return hash.digest('hex')
}

function filesUnder(path) {
  if (!existsSync(path) || !statSync(path).isDirectory()) return [path]
  const kept = readdirSync(path, { withFileTypes: true }).filter(
    ({ name }) =>
      name !== 'node_modules' &&
      !name.startsWith('.') &&
      !/\.(test|spec)\.tsx?$/.test(name) &&
      name !== 'next-env.d.ts',
  )
  return kept.sort((a, b) => (a.name < b.name ? -1 : 1)).flatMap(({ name }) => filesUnder(join(path, name)))
}
