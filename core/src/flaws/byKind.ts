import type { Schema } from 'yup'

/** Picks the schema by `kind`; an unknown kind is judged by the first, whose message lists the kinds there are. */
export function kindOf(schemas: Record<string, Schema>): (value: unknown) => Schema {
  return (value) => {
    const kind = String((value as { kind?: unknown } | null | undefined)?.kind)
    // Every object has a `constructor`: only our own kinds count.
    return Object.hasOwn(schemas, kind) ? schemas[kind]! : Object.values(schemas)[0]!
  }
}

export function byKind(kinds: string[], make: (kind: string) => Schema): Record<string, Schema> {
  return Object.fromEntries(kinds.map((kind) => [kind, make(kind)]))
}
