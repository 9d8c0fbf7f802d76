import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { readFiles } from './readFiles'

const DEMO = join(import.meta.dirname, '../../../demo')
const sources = ['yard', 'households'].flatMap((folder) =>
  readdirSync(join(DEMO, folder))
    .filter((name) => name.endsWith('.json'))
    .map((name) => readFileSync(join(DEMO, folder, name), 'utf8')),
)

/** The same every time (a linear congruential generator, Numerical Recipes' constants, from memory). */
let seed = 20261127
const random = (below: number): number => {
  seed = (1664525 * seed + 1013904223) % 2 ** 32
  return Math.floor((seed / 2 ** 32) * below)
}
const ODD: unknown[] = [
  null,
  '',
  'x',
  -1,
  1e308,
  NaN,
  [],
  {},
  [[]],
  true,
  'constructor',
  '__proto__',
  { toString: 1 },
  'ä\u0000',
]

const NAMES = ['constructor', '__proto__', 'toString', 'hasOwnProperty', '', 'ä b', '0']

/** One place of a document is something else, is gone, is there twice, or nests itself. */
function mutated(text: string): string {
  // Now and then it is the text that is broken.
  if (random(10) === 0) {
    const [at, length] = [random(text.length), random(40)]
    return text.slice(0, at) + text.slice(at + length)
  }
  const document = JSON.parse(text) as Record<string, unknown>
  for (let change = 0; change <= random(3); change++) {
    let holder: Record<string, unknown> = document
    for (let depth = random(7); depth > 0; depth--) {
      const below = Object.values(holder).filter((value) => typeof value === 'object' && value !== null)
      if (below.length === 0) break
      holder = below[random(below.length)] as Record<string, unknown>
    }
    const keys = Object.keys(holder)
    const key = keys[random(keys.length)] ?? 'x'
    const how = random(5)
    if (how === 0) delete holder[key]
    else if (how === 1) holder[NAMES[random(NAMES.length)]!] = holder[key]
    else if (how === 2) holder[key] = structuredClone(document)
    else if (how === 3 && Array.isArray(holder[key]))
      holder[key] = Array.from({ length: 30 }, () => (holder[key] as unknown[])[0])
    else holder[key] = structuredClone(ODD[random(ODD.length)])
  }
  return JSON.stringify(document)
}

it('of 10,000 spoiled documents each is a document or is told what is wrong with it; nothing else comes of any', () => {
  let [good, bad] = [0, 0]
  for (let i = 0; i < 10_000; i++) {
    // Households are small: most of them are those, so that this ends.
    const source = sources[i % 8 === 0 ? random(43) : 43 + random(sources.length - 43)]!
    const text = mutated(source)
    const [read] = readFiles({ files: [{ name: `${i}.json`, text }] })
    if (read!.document) {
      good += 1
      expect(JSON.parse(JSON.stringify(read!.document)), text.slice(0, 200)).toEqual(read!.document)
      continue
    }
    bad += 1
    expect(read!.errors.length, text.slice(0, 200)).toBeGreaterThan(0)
    for (const line of read!.errors) {
      // That is what is said where a reader stumbles over what it did not expect.
      expect(line, text.slice(0, 2_000)).not.toContain('this one cannot')
      expect(line).toMatch(/^\d+\.json: /)
      expect(line.length, line).toBeLessThan(600)
    }
  }
  expect(bad).toBeGreaterThan(5_000)
  expect(good).toBeGreaterThan(300)
})
