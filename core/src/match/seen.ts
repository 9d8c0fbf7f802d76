import type { Camping } from '../camping/camping'
import { trustedHousehold } from '../household/doubts'
import type { Household } from '../household/household'
import { MOMENTS, type MomentId } from '../loading/weights'
import type { Nights } from '../nights/nights'
import type { Phrase } from '../quantity/phrase'
import { sleepStory, type SleepStory } from '../questions/sleep/story'
import { wouldGoIn } from '../questions/stow/changes'
import { estimateOf, type TowEstimate } from '../questions/tow/estimate'
import { towHelps } from '../questions/tow/helps'
import { marginsAt, type LimitMargin } from '../questions/tow/limits'
import { loadOf, ratingsOf } from '../questions/tow/load'
import { aboardOf } from '../questions/tow/vehicleLimits'
import { rigRules } from '../questions/tow/rules'
import type { HouseRules } from '../rules/houseRules'
import { sharedFor } from '../solver/solvers'
import type { Stowed } from '../stowing/stowed'
import type { FactSheet } from './factSheet'
import { judgeFor, type Answers } from './judge'

/** A unit through a household's eyes: what it is answered, who lies where, what rides where, how it is loaded. Plain data. */
export interface SeenUnit {
  facts: FactSheet
  answers: Answers
  nights: Nights
  stowing: Stowed
  camping: Camping
  /** Who sleeps where, in words and for ten years; absent while no berth is drawn. */
  story?: SleepStory
  /** What would make what is left go in. */
  goesIn: Phrase[]
  /** Absent while nobody knows what it weighs. */
  loaded?: LoadedUnit
}

/** Loaded as these people load it, at every moment, against every limit. */
export interface LoadedUnit {
  moments: TowEstimate
  margins: Record<MomentId, LimitMargin[]>
  helps: ReturnType<typeof towHelps>
  /** What pulls it, with all that is in it, pounds. */
  vehicle: number
}

/** A half-ton pickup, while nobody read what theirs weighs; only the played scale asks, pounds. */
const USUAL_VEHICLE = 5_400

export function seenBy(facts: FactSheet, given: Household, rules: HouseRules): SeenUnit {
  const household = trustedHousehold(given)
  const { nights, stowing, camping } = sharedFor(household, rules)(facts)
  const loaded = loadedBy(facts, household, stowing, rules)
  return {
    facts,
    answers: judgeFor(given, rules)(facts),
    nights,
    stowing,
    camping,
    ...(!facts.undrawn.includes('berths') && { story: sleepStory(nights, facts.sleep.advertised, household) }),
    goesIn: wouldGoIn(facts.stow, stowing, rules.loading),
    ...(loaded && { loaded }),
  }
}

function loadedBy(
  { tow }: FactSheet,
  household: Household,
  stowing: Stowed,
  house: HouseRules,
): LoadedUnit | undefined {
  if (tow.uvw === undefined) return undefined
  const facts = { ...tow, uvw: tow.uvw }
  const rules = rigRules(house)
  const ratings = ratingsOf(household)
  const towed = { load: loadOf(household, rules), ratings, vehicle: household.vehicle.name, rules }
  const moments = estimateOf(facts, towed, stowing)
  const margins = Object.fromEntries(MOMENTS.map((id) => [id, marginsAt(facts, towed, moments[id])]))
  return {
    moments,
    margins: margins as LoadedUnit['margins'],
    helps: towHelps(facts, household, stowing, rules),
    vehicle: (ratings.curbWeight ?? USUAL_VEHICLE) + aboardOf(towed.load, moments.racked),
  }
}
