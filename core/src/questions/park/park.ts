import { vehicleFigure } from '../../household/household'
import { feet, says } from '../../quantity/phrase'
import { trailerFigure } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { marginOf, measure, reason, verdictOf, type Reason } from '../reason'
import { openLimit } from '../open'
import { PARK_LIMITS, parkHelping } from './helping'
import { PARK_RULES, type ParkRules } from './rules'

export interface ParkFacts {
  overallLength?: number
}

export interface ParkNeed {
  trailerLength?: number
  rigLength?: number
  vehicleLength?: number
  rules: ParkRules
}

/** Does it fit where they camp: coupler to bumper, and with the tow vehicle, against the longest they said. Inches. */
export const park: Question<'park', ParkFacts, ParkNeed, typeof PARK_RULES> = {
  id: 'park',
  words: {
    asks: 'Does it fit where they camp?',
    short: 'Fits the site',
    topic: 'length',
    against: 'too long',
    speaksFor: 'short enough for them',
    spare: '',
    shownAt: 'door',
  },
  version: 1,
  rules: PARK_RULES,
  factRules: [],
  weight: 1,
  living: false,
  drawing: [],
  cautions: ['parks'],
  helping: parkHelping,
  limits: PARK_LIMITS,
  open: (household, left) =>
    openLimit(
      household,
      'trailerLength',
      says`How long a trailer their sites and their nerves take`,
      left.map(({ overallLength }) => overallLength),
    ),
  facts: (trailer) => ({ overallLength: trailerFigure(trailer, 'overallLength') }),
  need: (household, rules) => {
    const { trailerLength, rigLength } = household.limits
    if (trailerLength === undefined && rigLength === undefined) return null
    return { trailerLength, rigLength, vehicleLength: vehicleFigure(household, 'length'), rules }
  },
  judge: ({ facts: { overallLength }, need: { trailerLength, rigLength, vehicleLength, rules } }) => {
    if (overallLength === undefined) {
      return answerOf([
        measure(says`The overall length, coupler to rear bumper, is not known.`, ['readings.overallLength']),
      ])
    }
    const reasons: Reason[] = []
    if (trailerLength !== undefined) {
      const spare = trailerLength - overallLength
      const words = says`${feet(overallLength)} overall, and they want at most ${feet(trailerLength)}.`
      reasons.push(
        reason(verdictOf(spare, rules.tight), words, {
          margin: marginOf(spare, 'in', rules.plenty),
          rests: ['readings.overallLength'],
        }),
      )
    }
    if (rigLength !== undefined && vehicleLength === undefined) {
      reasons.push(
        measure(says`The tow vehicle’s length is not known, and the whole rig may be ${feet(rigLength)}.`, [
          'household.vehicle.length',
        ]),
      )
    } else if (rigLength !== undefined) {
      const rig = overallLength + vehicleLength!
      const spare = rigLength - rig
      reasons.push(
        reason(
          verdictOf(spare, rules.tight),
          says`With the tow vehicle ${feet(rig)}, and the whole rig may be ${feet(rigLength)}.`,
          {
            margin: marginOf(spare, 'in', rules.plenty),
            rests: ['readings.overallLength', 'household.vehicle.length'],
          },
        ),
      )
    }
    return answerOf(reasons, ['parks'])
  },
}
