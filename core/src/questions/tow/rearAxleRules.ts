import { rule, type ValuesOf } from '../../rule/rule'

const WEIGHED = 'Cars and pickups as they are weighed (common practice)'

/** How a vehicle shares its load between its axles until a scale has told. */
export const REAR_AXLE_RULES = {
  emptyLeast: rule('Empty vehicle on its rear axle, at least', 0.38, 'share', [0.3, 0.44], WEIGHED),
  emptyMost: rule('Empty vehicle on its rear axle, at most', 0.5, 'share', [0.44, 0.6], WEIGHED),
  peopleLeast: rule('People on the rear axle, at least', 0.4, 'share', [0.2, 0.52], WEIGHED),
  peopleMost: rule('People on the rear axle, at most', 0.65, 'share', [0.53, 0.9], WEIGHED),
  gearLeast: rule('Gear behind on the rear axle, at least', 0.8, 'share', [0.5, 1], WEIGHED),
  gearMost: rule(
    'Gear behind on the rear axle, at most',
    1.15,
    'share',
    [1, 1.4],
    'Behind the axle a load puts more on it than its own weight',
  ),
  overhangLeast: rule('Rear axle to ball, at least', 40, 'in', [30, 50], WEIGHED),
  overhangMost: rule('Rear axle to ball, at most', 65, 'in', [51, 90], WEIGHED),
  wheelbaseLeast: rule('Wheelbase nobody measured, at least', 100, 'in', [80, 130], WEIGHED),
  wheelbaseMost: rule('Wheelbase nobody measured, at most', 170, 'in', [131, 200], WEIGHED),
  barsTake: rule(
    'Tongue weight a weight-distribution hitch may take off the rear axle',
    0.3,
    'share',
    [0, 0.4],
    'Common practice',
  ),
} as const

export type RearAxleRules = ValuesOf<typeof REAR_AXLE_RULES>
