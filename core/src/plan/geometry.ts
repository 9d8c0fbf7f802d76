import type { Plan } from './plan'
import { takenInside } from './takenInside'

const signatures = new WeakMap<Plan, string>()
const known = new Map<string, Map<string, unknown>>()

/** So many drawings are remembered: more than a yard has models. */
const MOST = 80

/**
 * What follows from a drawing alone, made once for all units of a model and for all readings taken on them:
 * the tape list asks a unit's questions again for every reading that is missing. `asked`: what it is, and by
 * which rules. `make` must not look at readings, but for how far what is used from outside comes in (`takenInside`):
 * that is looked at with every call, so that whoever watches readings hears of it.
 */
export function ofGeometry<T>(plan: Plan, asked: readonly [what: string, ...rules: unknown[]], make: () => T): T {
  const signature =
    signatures.get(plan) ?? JSON.stringify(plan, (key, value: unknown) => (key === 'readings' ? undefined : value))
  signatures.set(plan, signature)
  const facts = known.get(signature) ?? new Map<string, unknown>()
  known.delete(signature)
  known.set(signature, facts)
  if (known.size > MOST) known.delete(known.keys().next().value!)
  const what = JSON.stringify([asked, takenInside(plan)])
  if (!facts.has(what)) facts.set(what, make())
  return facts.get(what) as T
}
