import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { household, person } from '../testing/someone'
import { unit } from '../testing/unit'
import { parseHousehold, parseTrailer } from './document'

const schema = (name: string) =>
  JSON.parse(readFileSync(join(import.meta.dirname, `../../../docs/formats/${name}.schema.json`), 'utf8')) as unknown

const unbounded = (node: unknown, path: string): string[] => {
  if (typeof node !== 'object' || node === null) return []
  const { type, maxItems } = node as { type?: unknown; maxItems?: unknown }
  return [
    ...(type === 'array' && typeof maxItems !== 'number' ? [path] : []),
    ...Object.entries(node).flatMap(([key, value]) => unbounded(value, `${path}/${key}`)),
  ]
}

it('every list of both files says how much it may hold', () => {
  expect(unbounded(schema('household'), '')).toEqual([])
  expect(unbounded(schema('trailer'), '')).toEqual([])
})

it('what holds more is refused, with its place and the bound, and not read to its end', () => {
  const crowd = household(Array.from({ length: 15 }, (_, i) => person({ id: `p${i}`, name: `P${i}` })))
  expect(parseHousehold(crowd).flaws).toMatchObject([{ path: 'people', expected: 'at most 14 people' }])
  const many = { value: 30_000, source: 'label', on: '2026-11-01' }
  const read = unit()
  Object.assign(read.readings, { askingPrice: Array.from({ length: 501 }, () => many) })
  expect(parseTrailer(read).flaws).toMatchObject([{ path: 'readings.askingPrice', expected: 'at most 500 of them' }])
})
