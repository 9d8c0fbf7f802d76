import type { Plan } from './plan'

const signatures = new WeakMap<Plan, string>()
const known = new Map<string, Map<string, unknown>>()

/** So many drawings are remembered: more than a yard has models. */
const MOST = 80

/**
 * What follows from a drawing alone, made once for all units of a model and for all readings taken on them:
 * the tape list asks a unit's questions again for every reading that is missing. `asked`: what it is, and by
 * which rules. `make` must not look at readings.
 */
export function ofGeometry<T>(plan: Plan, asked: readonly [what: string, ...rules: unknown[]], make: () => T): T {
  const signature =
    signatures.get(plan) ?? JSON.stringify(plan, (key, value: unknown) => (key === 'readings' ? undefined : value))
  signatures.set(plan, signature)
  const facts = known.get(signature) ?? new Map<string, unknown>()
  known.delete(signature)
  known.set(signature, facts)
  if (known.size > MOST) known.delete(known.keys().next().value!)
  const what = JSON.stringify(asked)
  if (!facts.has(what)) facts.set(what, make())
  return facts.get(what) as T
}
