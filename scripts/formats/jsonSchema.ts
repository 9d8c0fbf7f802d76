import { convertSchema } from '@sodaru/yup-to-json-schema'
import type { Schema } from 'yup'
import { householdSchema } from '../../core/src/household/householdSchema'
import { fixtureSchemas, outsideSchemas } from '../../core/src/plan/planSchema'
import { shapeSchemas } from '../../core/src/plan/shapeSchema'
import { equipmentSchemas, trailerSchema } from '../../core/src/trailer/trailerSchema'

export type JsonSchema = { [key: string]: unknown }

/** The published schemas of our two files, by file name: made from the schemas that the program itself judges by. */
export function publishedSchemas(): Record<string, JsonSchema> {
  return {
    'trailer.schema.json': titled('A trailer in stock, version 2', trailerJsonSchema()),
    'household.schema.json': titled('A household, version 2', converted(householdSchema)),
  }
}

/**
 * What a thing may carry depends on its kind, so each list is a choice among kinds; a shape is a rectangle or a
 * polygon.
 */
function trailerJsonSchema(): JsonSchema {
  const schema = converted(trailerSchema)
  const items = (list: string, schemas: Record<string, Schema>) => {
    const parent = (
      list === 'equipment' ? schema.properties : (schema.properties as Record<string, JsonSchema>).plan!.properties
    ) as Record<string, JsonSchema>
    parent[list]!.items = { oneOf: Object.entries(schemas).map(([kind, one]) => withKind(converted(one), kind)) }
  }
  items('fixtures', fixtureSchemas)
  items('outside', outsideSchemas)
  items('equipment', equipmentSchemas)
  return { ...schema, definitions: { shape: { oneOf: Object.values(shapeSchemas).map(converted) } } }
}

const converted = (schema: Schema): JsonSchema =>
  closed(convertSchema(schema as unknown as Parameters<typeof convertSchema>[0]) as JsonSchema)

function titled(title: string, schema: JsonSchema): JsonSchema {
  return { $schema: 'http://json-schema.org/draft-07/schema#', title, ...schema }
}

function withKind(schema: JsonSchema, kind: string): JsonSchema {
  return { ...schema, properties: { ...(schema.properties as JsonSchema), kind: { const: kind } } }
}

/** No unknown keys anywhere, no defaults; shapes by reference. */
function closed(node: unknown, key = ''): JsonSchema {
  if (Array.isArray(node)) return node.map((one) => closed(one)) as unknown as JsonSchema
  if (node === null || typeof node !== 'object') return node as unknown as JsonSchema
  if (key === 'shape') return { $ref: '#/definitions/shape' }
  const { default: _default, ...rest } = node as JsonSchema
  const inner: JsonSchema = Object.fromEntries(
    Object.entries(rest).map(([name, value]) => [
      name,
      name === 'properties' ? properties(value as JsonSchema) : closed(value),
    ]),
  )
  return inner.type === 'object' ? { ...inner, additionalProperties: false } : inner
}

const properties = (all: JsonSchema): JsonSchema =>
  Object.fromEntries(Object.entries(all).map(([name, value]) => [name, closed(value, name)]))
