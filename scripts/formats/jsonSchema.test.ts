import { readdirSync, readFileSync } from 'node:fs'
import Ajv from 'ajv'
import { describe, expect, it } from 'vitest'
import { parseAny } from '../../core/src/formats/document'
import { publishedSchemas } from './jsonSchema'

const root = new URL('../../', import.meta.url)
const read = (path: string) => readFileSync(new URL(path, root), 'utf8')
const documents = ['yard', 'households'].flatMap((folder) =>
  readdirSync(new URL(`demo/${folder}/`, root)).map((name) => ({
    name,
    folder,
    document: JSON.parse(read(`demo/${folder}/${name}`)) as Record<string, unknown>,
  })),
)

const ajv = new Ajv({ allErrors: true, strict: false })
const validators = Object.fromEntries(
  Object.entries(publishedSchemas()).map(([name, schema]) => [name, ajv.compile(schema)]),
)
const accepts = (document: Record<string, unknown>) =>
  validators[document.format === 'hitchet/household' ? 'household.schema.json' : 'trailer.schema.json']!(
    document,
  ) as boolean

describe('the published JSON Schemas', () => {
  it.each(Object.keys(publishedSchemas()))('%s in docs/formats is the one the program judges by', (name) => {
    expect(JSON.parse(read(`docs/formats/${name}`))).toEqual(publishedSchemas()[name])
  })

  it.each(documents.map((one) => [one.name, one.document] as const))('accepts %s', (_, document) => {
    expect(accepts(document)).toBe(true)
  })

  // One change at a time; the program's own parser and a JSON Schema validator (ajv) must both refuse it.
  const trailer = documents.find(({ name }) => name.startsWith('t-118'))!.document
  const household = documents.find(({ name }) => name.startsWith('salka'))!.document
  const broken: [string, Record<string, unknown>, (copy: any) => void][] = [
    ['an unknown key', trailer, (copy) => (copy.colour = 'red')],
    ['a negative length', trailer, (copy) => (copy.readings.overallLength[0].value = -386)],
    ['a weight in words', trailer, (copy) => (copy.readings.uvw[0].value = 'about 6,000')],
    ['a figure without a source', trailer, (copy) => delete copy.readings.uvw[0].source],
    ['a kind of fixture that does not exist', trailer, (copy) => (copy.plan.fixtures[0].kind = 'hot tub')],
    [
      'a reading that a kind does not have',
      trailer,
      (copy) => (copy.plan.fixtures[0].readings = { burners: [{ value: 3, source: 'label' }] }),
    ],
    [
      'a shape of two corners',
      trailer,
      (copy) =>
        (copy.plan.rooms[0].shape = {
          polygon: [
            [0, 0],
            [1, 1],
          ],
        }),
    ],
    ['a missing plan', trailer, (copy) => delete copy.plan],
    ['nobody in the household', household, (copy) => (copy.people = [])],
    ['an age of 300', household, (copy) => (copy.people[0].age = 300)],
    ['a stance nobody can hold', household, (copy) => (copy.stances.tub = 'maybe')],
    ['a source that is none', household, (copy) => (copy.vehicle.readings.payload[0].source = 'internet')],
  ]
  it.each(broken)('refuses %s, as the program does', (_, document, spoil) => {
    const copy = structuredClone(document)
    spoil(copy)
    expect(parseAny(copy).document).toBeUndefined()
    expect(accepts(copy)).toBe(false)
  })
})
