import { reach, type ObjectSchema, type Schema, type ValidationError } from 'yup'
import { error, type Flaw } from './flaw'

/**
 * Flaws of a failed validation, one for each place. The schema tells which keys there are where an unknown one
 * stands.
 */
export function flawsOf(failure: ValidationError, document: unknown, schema: Schema): Flaw[] {
  const all = failure.inner.length ? failure.inner : [failure]
  const flaws = all.flatMap((one): Flaw[] => {
    const path = one.path ?? ''
    if (one.type !== 'noUnknown') return [error(path, valueAt(document, path), one.message)]
    const { unknown } = one.params as { unknown?: string }
    const expected = `one of the keys ${knownKeys(schema, path, document).join(', ')}`
    return (unknown ?? '')
      .split(', ')
      .map((key) => error(path ? `${path}.${key}` : key, valueAt(document, path ? `${path}.${key}` : key), expected))
  })
  const first = new Map(flaws.map((flaw) => [flaw.path, flaw]).reverse() as [string, Flaw][])
  return flaws.filter((flaw) => first.get(flaw.path) === flaw)
}

function knownKeys(schema: Schema, path: string, document: unknown): string[] {
  const place = path ? (reach(schema, path, document) as Schema) : schema
  return Object.keys(
    (place.resolve({ value: valueAt(document, path) }) as ObjectSchema<Record<string, unknown>>).fields,
  )
}

/** The value at a path such as `plan.doors[2].from[0]`, or undefined. */
export function valueAt(document: unknown, path: string): unknown {
  return path
    .split(/[.[\]]+/)
    .filter(Boolean)
    .reduce<unknown>(
      (value, key) =>
        value === null || typeof value !== 'object'
          ? undefined
          : (value as Record<string, unknown>)[key.replace(/^"|"$/g, '')],
      document,
    )
}
