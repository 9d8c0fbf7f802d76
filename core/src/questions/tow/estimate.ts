import { momentOf, type Moment } from '../../loading/moments'
import { racked, type Racked } from '../../loading/racks'
import { weightsAt, type MomentId } from '../../loading/weights'
import type { Stowed } from '../../stowing/stowed'
import type { TowFacts } from './facts'
import type { Load } from './load'
import type { RigRules } from './rules'

/** The estimated rig, pounds: as they leave home, and at the other moments at which it may be on the road. */
export interface TowEstimate extends Record<MomentId, Moment> {
  racked: Racked
  /** What rides in the trailer beyond its dry weight as they leave: what the cargo label is about. */
  cargo: number
  /** Something that weighs is not in it: nobody read it. */
  open: boolean
  /** Their gear in the bays as they leave, and how much of it the coupler bears; less than nothing behind the axles. */
  gear: { weight: number; least: number; most: number }
}

/** Loaded weight = UVW + propane + water in the tanks + belongings + gear, each where it rides. */
export function estimateOf(
  { loading, uvw, rearReceiver }: Pick<TowFacts, 'loading' | 'rearReceiver'> & { uvw: number },
  { load, rules }: { load: Load; rules: RigRules },
  stowed: Stowed,
): TowEstimate {
  const onRacks = racked(loading, rearReceiver, load.onRacks, load.ownRack, rules)
  const brought = {
    belongings: load.belongings,
    kit: rules.campingKit,
    unsized: load.unsized,
    racks: onRacks.racks.map(({ weight }) => weight),
    freshShare: load.freshShare,
  }
  const empty = { uvw, hitchWeight: loading.hitchWeight }
  const at = (moment: MomentId): Moment =>
    momentOf(moment, loading, empty, weightsAt(moment, loading, brought, stowed, rules), rules)
  const moments = { leaving: at('leaving'), full: at('full'), home: at('home'), empty: at('empty') }
  const inBays = moments.leaving.weights.filter(({ id }) => id.startsWith('gear '))
  const alone = momentOf('leaving', loading, { uvw, hitchWeight: 0 }, { weights: inBays, missing: [] }, rules)
  return {
    ...moments,
    racked: onRacks,
    cargo: moments.leaving.total - uvw + loading.weighedSince,
    open: moments.leaving.missing.length > 0 || loading.added.some(({ pounds }) => pounds === undefined),
    gear: { weight: alone.total - uvw, least: alone.tongue.least, most: alone.tongue.most },
  }
}
