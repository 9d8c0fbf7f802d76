import type { VehicleKey } from '../readings/vehicleReads'
import { fixed, rule, type ValuesOf } from '../rule/rule'

const GIVES_IN = 'What people are seen to give in on (common practice)'
const amount = (
  label: string,
  value: number,
  unit: '$' | 'in' | 'lb',
  range: readonly [number, number],
  step: number,
) => rule(`${label}: a change of size 1`, value, unit, range, GIVES_IN, step)
const size = (label: string, value: number) => rule(`${label}: its size`, value, 'number', [0.1, 4], GIVES_IN)

/**
 * How big a change is, so that a unit can be close to right: the sizes of all it takes stay within `most`. A change
 * past its own limit isn't small at all.
 */
export const COUNTERFACTUAL_RULES = {
  most: rule('A close match takes changes up to this size together', 2, 'number', [0.5, 5], GIVES_IN, 0.5),
  budget: amount('More budget', 5000, '$', [500, 30_000], 500),
  trailerLength: amount('A longer trailer', 12, 'in', [3, 60], 1),
  rigLength: amount('A longer rig', 24, 'in', [6, 96], 1),
  ratings: {
    towRating: amount('More tow rating', 500, 'lb', [50, 3000], 50),
    payload: amount('More payload', 400, 'lb', [50, 1500], 50),
    gcwr: amount('More GCWR', 700, 'lb', [50, 4000], 50),
    gvwr: amount('More GVWR of the vehicle', 300, 'lb', [50, 1500], 50),
    hitchTongue: amount('More receiver tongue rating', 150, 'lb', [25, 600], 25),
    hitchTrailer: amount('More receiver trailer rating', 500, 'lb', [50, 3000], 50),
  },
  share: size('Two share a bed', 0.6),
  tent: size('Someone sleeps in a tent', 1),
  wish: fixed(2, 'A must is given up last and by itself: as large as all that may change together'),
  leave: size('A thing stays home', 0.5),
  dryTank: size('The fresh tank rides empty', 0.3),
  supply: size('A stop to dump and fill', 0.5),
  generator: size('A generator an hour or two more a day', 0.6),
} as const

export type CounterfactualRules = Omit<ValuesOf<typeof COUNTERFACTUAL_RULES>, 'ratings'> & {
  ratings: Partial<Record<VehicleKey, number>>
}
