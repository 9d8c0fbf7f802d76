import { execFileSync } from 'node:child_process'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { createRequire } from 'node:module'
import { dirname, join, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, it } from 'vitest'
import { system } from './theme'

const WEB = fileURLToPath(new URL('..', import.meta.url))
const COMPONENTS = join(dirname(createRequire(import.meta.url).resolve('@chakra-ui/react')), '..', 'esm', 'components')
const PARTS = readdirSync(COMPONENTS).filter((name) => statSync(join(COMPONENTS, name)).isDirectory())

/** Which of Chakra's folders a name comes from, by what each folder gives out. */
const folderOf = new Map(
  PARTS.flatMap((part) =>
    [...read(join(COMPONENTS, part, 'index.js')).matchAll(/export \{([^}]*)\}/g)].flatMap(([, names]) =>
      names!.split(',').map((name) => [name.trim().split(' as ').at(-1)!, part] as const),
    ),
  ),
)

function read(file: string): string {
  return readFileSync(file, 'utf8')
}

/** The recipes that a folder's parts ask for, and those of the parts that they are made of. */
function recipesOf(part: string, seen = new Set<string>()): string[] {
  if (seen.has(part)) return []
  seen.add(part)
  const files = readdirSync(join(COMPONENTS, part)).filter((name) => name.endsWith('.js'))
  return files.flatMap((name) => {
    const text = read(join(COMPONENTS, part, name))
    const keys = [...text.matchAll(/(?:\bkey|recipeKey): "(\w+)"/g)].map(([, key]) => key!)
    const others = [...text.matchAll(/from '\.\.\/([\w-]+)\//g)].map(([, other]) => other!)
    return [...keys, ...others.filter((other) => PARTS.includes(other)).flatMap((other) => recipesOf(other, seen))]
  })
}

it('every part of Chakra that a screen shows has its recipe, and no recipe is shipped that none asks for', () => {
  const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard', '*.tsx'], { cwd: WEB, encoding: 'utf8' })
  const names = new Set<string>()
  for (const file of files.trim().split('\n')) {
    for (const [, list] of read(resolve(WEB, file)).matchAll(/import \{([^}]*)\} from '@chakra-ui\/react'/g))
      for (const name of list!.split(',')) names.add(name.trim().split(' as ')[0]!)
  }
  const folders = new Set([...names].flatMap((name) => folderOf.get(name) ?? []))
  expect(folders.size).toBeGreaterThan(15)
  const asked = new Set([...folders].flatMap((part) => recipesOf(part)))
  // Chakra's own text has no recipe.
  asked.delete('text')
  const shipped = [...Object.keys(system._config.theme!.recipes!), ...Object.keys(system._config.theme!.slotRecipes!)]
  expect(shipped.sort()).toEqual([...asked].sort())
})
