import { trustedHousehold } from '../../household/doubts'
import type { Household } from '../../household/household'
import { sharedFor, type SolverFacts, type RulesBelow } from '../../solver/solvers'
import type { Verdict } from '../reason'
import { estimateOf } from './estimate'
import type { TowFacts } from './facts'
import { marginsAt, type LimitMargin } from './limits'
import { loadOf, ratingsOf } from './load'
import { rigRules, type TowRules } from './rules'

/** A unit of the lot, as far as towing goes. */
interface Candidate<Facts> {
  id: string
  facts: Facts
}

/** A unit that they can pull as far as anybody knows, loaded as they load it. */
export interface Pulled {
  id: string
  /** Whether something is still to be read before that is certain. */
  open: boolean
  /** What is to spare as they leave home, the one that governs first, and what nobody read last. */
  margins: LimitMargin[]
}

/** So many are named. */
const NAMED = 4

/**
 * Another unit of the lot, for those who cannot pull this one: what nothing of towing speaks against, what is certain first,
 * then what weighs nearest to this one, as it is likely to give them as much room. `verdictOn`: what the question of towing says.
 */
export function pulled<Facts extends SolverFacts & { tow: TowFacts }>(
  candidates: readonly Candidate<Facts>[],
  instead: string,
  given: Household,
  rules: RulesBelow & { tow: TowRules },
  verdictOn: (facts: Facts) => Verdict | undefined,
): Pulled[] {
  const wanted = candidates.find(({ id }) => id === instead)?.facts.tow.uvw
  const household = trustedHousehold(given)
  const rig = rigRules(rules)
  const towed = {
    load: loadOf(household, rig),
    ratings: ratingsOf(household),
    vehicle: household.vehicle.name,
    rules: rig,
  }
  const stowing = sharedFor(household, rules)
  return candidates
    .flatMap(({ id, facts }) => {
      const { uvw } = facts.tow
      const verdict = verdictOn(facts)
      if (id === instead || uvw === undefined || verdict === undefined || verdict === 'no') return []
      return [{ id, facts, uvw, open: verdict === 'measure', apart: Math.abs(uvw - (wanted ?? uvw)) }]
    })
    .sort((a, b) => Number(a.open) - Number(b.open) || a.apart - b.apart || (a.id < b.id ? -1 : 1))
    .slice(0, NAMED)
    .map(({ id, open, facts, uvw }) => {
      const known = { ...facts.tow, uvw }
      const { leaving } = estimateOf(known, towed, stowing(facts).stowing)
      return { id, open, margins: marginsAt(known, towed, leaving) }
    })
}
