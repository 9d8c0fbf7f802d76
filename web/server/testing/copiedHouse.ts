import { cpSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { basename, join } from 'node:path'
import { spawnSync } from 'node:child_process'

const ROOT = join(import.meta.dirname, '../../..')

/** Not copied: what is built, and what is fetched. */
const LEFT_OUT = new Set(['node_modules', '.next', '.jobs', '.hitchet'])

/** The whole house in a folder of its own, in which a developer's work can be done and tried; packages are shared. */
export function copiedHouse() {
  const at = mkdtempSync(join(tmpdir(), 'hitchet-house-'))
  for (const part of ['core', 'web', 'cli', 'demo', 'scripts', 'tsconfig.base.json', 'package.json']) {
    cpSync(join(ROOT, part), join(at, part), { recursive: true, filter: (path) => !LEFT_OUT.has(basename(path)) })
  }
  const packages = join(ROOT, 'node_modules')
  mkdirSync(join(at, 'node_modules', '@hitchet'), { recursive: true })
  for (const name of readdirSync(packages)) {
    if (name !== '@hitchet') symlinkSync(join(packages, name), join(at, 'node_modules', name))
  }
  for (const own of ['core', 'web']) symlinkSync(join(at, own), join(at, 'node_modules', '@hitchet', own))
  return {
    at,
    write: (path: string, text: string) => {
      mkdirSync(join(at, path, '..'), { recursive: true })
      writeFileSync(join(at, path), text)
    },
    edit: (path: string, change: (text: string) => string) =>
      writeFileSync(join(at, path), change(readFileSync(join(at, path), 'utf8'))),
    /** What a command says when it goes well. @throws Error with all it said when it does not. */
    run: (command: string, args: string[], env: Record<string, string> = {}) => {
      const bin = command === 'node' ? process.execPath : join(packages, '.bin', command)
      const { status, stdout, stderr } = spawnSync(bin, args, {
        cwd: at,
        encoding: 'utf8',
        env: { ...process.env, ...env },
      })
      if (status !== 0) throw new Error(`${command} ${args.join(' ')}\n${stdout}${stderr}`)
      return stdout
    },
    remove: () => rmSync(at, { recursive: true, force: true }),
  }
}
