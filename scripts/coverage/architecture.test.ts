import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { QUESTIONS } from '../../core/src/questions/index'

const ROOT = join(import.meta.dirname, '..', '..')
const text = readFileSync(join(ROOT, 'docs', 'architecture.md'), 'utf8')
const [map] = /```\n[^]*?```/.exec(text)!
const folders = (path: string): string[] =>
  readdirSync(join(ROOT, path), { withFileTypes: true })
    .filter((entry) => entry.isDirectory() && !/^\.|node_modules|^public$/.test(entry.name))
    .map(({ name }) => name)

/** The folders that the map names under a heading, such as `core/src/`. */
const named = (heading: string): string[] => {
  const part = map.slice(map.indexOf(`\n${heading}`) + 1)
  const end = part.slice(1).search(/\n\S/)
  return [...part.slice(0, end < 0 ? undefined : end + 1).matchAll(/\n {2}([\w-]+)\//g)].map(([, name]) => name!)
}

describe('the map in docs/architecture.md', () => {
  it.each(['core/src/', 'web/'])('names each folder of %s, and none that is not there', (heading) =>
    expect(named(heading).sort()).toEqual(folders(heading).sort()),
  )

  it('names the rooms inside a room that has some', () => {
    for (const room of ['plan', 'match', 'household'])
      for (const inner of folders(`core/src/${room}`)) expect(map, `${room}/${inner}`).toContain(` ${inner}/`)
  })

  it('names every question, and none that is not asked', () => {
    const line = /\n {2}questions\/ +([^:]+):/.exec(map)![1]!
    expect(line.split(', ').sort()).toEqual(QUESTIONS.map(({ id }) => id).sort())
  })
})
