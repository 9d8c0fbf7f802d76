import type { Plan } from './plan'
import { takenInside } from './takenInside'
import { latest, oncePer } from '../memory/remembered'

/** The drawing without what is read on it. */
const signatureOf = oncePer((plan: Plan) =>
  JSON.stringify(plan, (key, value: unknown) => (key === 'readings' ? undefined : value)),
)

/** Of more drawings than a yard has models. */
const followingFrom = latest<Map<string, unknown>>(80)

/**
 * What follows from a drawing alone, made once for all units of a model and for all readings taken on them:
 * the tape list asks a unit's questions again for every reading that is missing. `asked`: what it is, and by
 * which rules. `make` must not look at readings, but for how far what is used from outside comes in (`takenInside`):
 * that is looked at with every call, so that whoever watches readings hears of it.
 */
export function ofGeometry<T>(plan: Plan, asked: readonly [what: string, ...rules: unknown[]], make: () => T): T {
  const facts = followingFrom(signatureOf(plan), () => new Map())
  const what = JSON.stringify([asked, takenInside(plan)])
  if (!facts.has(what)) facts.set(what, make())
  return facts.get(what) as T
}
