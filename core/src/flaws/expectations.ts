import type { ValidationError } from 'yup'
import { error, type Flaw } from './flaw'

/** Flaws of a failed validation, one for each place. */
export function flawsOf(failure: ValidationError, document: unknown): Flaw[] {
  const all = failure.inner.length ? failure.inner : [failure]
  const flaws = all.flatMap((one): Flaw[] => {
    const path = one.path ?? ''
    if (one.type !== 'noUnknown') return [error(path, valueAt(document, path), one.message)]
    const { unknown, known } = one.params as { unknown?: string; known?: string[] }
    return (unknown ?? '').split(', ').map((key) => error(path ? `${path}.${key}` : key, valueAt(document, path ? `${path}.${key}` : key), keysThatExist(known, one)))
  })
  const first = new Map(flaws.map((flaw) => [flaw.path, flaw]).reverse() as [string, Flaw][])
  return flaws.filter((flaw) => first.get(flaw.path) === flaw)
}

function keysThatExist(known: string[] | undefined, { message }: ValidationError): string {
  return known?.length ? `one of the keys ${known.join(', ')}` : message
}

/** The value at a path such as `plan.doors[2].from[0]`, or undefined. */
export function valueAt(document: unknown, path: string): unknown {
  return path
    .split(/[.[\]]+/)
    .filter(Boolean)
    .reduce<unknown>((value, key) => (value === null || typeof value !== 'object' ? undefined : (value as Record<string, unknown>)[key.replace(/^"|"$/g, '')]), document)
}
