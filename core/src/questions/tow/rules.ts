import type { LoadingRules } from '../../loading/rules'
import type { NightRules } from '../../nights/rules'
import { WATER } from '../../quantity/weights'
import { fixed, rule, type ValuesOf } from '../../rule/rule'
import { REAR_AXLE_RULES } from './rearAxleRules'
import { oncePer } from '../../memory/remembered'

export const TOW_RULES = {
  reserve: rule(
    'Share of every rating to leave unused',
    0.1,
    'share',
    [0, 0.3],
    'Common practice: a tenth of every rating left',
  ),
  tongueLeast: rule(
    'Tongue weight, least share of the loaded trailer',
    0.1,
    'share',
    [0.1, 0.13],
    'SAE J2807 (from memory): conventional trailers carry at least 10 %; never less',
    0.005,
  ),
  tongueMost: rule(
    'Tongue weight, most of the loaded trailer',
    0.15,
    'share',
    [0.13, 0.15],
    'Common practice: 10-15 %; never more',
    0.005,
  ),
  belongingsPerPerson: rule(
    'Clothes, food, dishes and bedding for each person',
    75,
    'lb',
    [20, 200],
    'Common practice',
    5,
  ),
  belongingsLiving: rule(
    'The same for each person who lives in it',
    300,
    'lb',
    [100, 1000],
    'Two who live in one carry 1,200 lb and more over dry, kit and tools among it (common practice)',
    10,
  ),
  campingKit: rule('Camp kit: hoses, leveling blocks, cookware, chairs', 150, 'lb', [0, 500], 'Common practice', 10),
  hitchHardware: rule('Weight-distribution hitch', 80, 'lb', [20, 200], 'Common practice', 5),
  rearAxle: REAR_AXLE_RULES,
  waterPerGallon: fixed(WATER, 'NIST'),
  freshShareWithHookups: rule(
    'Fresh tank on the road where they have water',
    0.25,
    'share',
    [0, 1],
    'Enough for the road',
    0.05,
  ),
  freshShareWithout: rule(
    'Fresh tank on the road where they have none',
    1,
    'share',
    [0.25, 1],
    'They fill it at home',
    0.05,
  ),
  gvwrReserve: rule(
    'Of that reserve, what counts against the vehicle’s GVWR',
    0.2,
    'share',
    [0, 1],
    'A GVWR is mostly the vehicle itself, weighed: a fifth of it is as much as a tenth of the payload',
    0.05,
  ),
} as const

export type TowRules = ValuesOf<typeof TOW_RULES>

/** All that an estimate of the rig goes by: towing, where things ride, and from when on they live in it. */
export type RigRules = TowRules & LoadingRules & Pick<NightRules, 'livesFrom'>

/** Put together once for a house's rules: a ranking asks for them a hundred thousand times. */
export const rigRules = ({ tow, loading, nights }: RuledBy): RigRules => together(tow)(loading)(nights)

interface RuledBy {
  tow: TowRules
  loading: LoadingRules
  nights: Pick<NightRules, 'livesFrom'>
}

const together = oncePer((tow: TowRules) =>
  oncePer((loading: LoadingRules) =>
    oncePer(({ livesFrom }: RuledBy['nights']): RigRules => ({ ...loading, ...tow, livesFrom })),
  ),
)
