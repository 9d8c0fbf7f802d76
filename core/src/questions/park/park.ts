import { vehicleFigure } from '../../household/household'
import { feet, says } from '../../quantity/phrase'
import { trailerFigure } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { measure, reason, verdictOf, type Margin, type Reason } from '../reason'
import { openLimit } from '../open'
import { PARK_LIMITS, parkHelping } from './helping'

export interface ParkFacts {
  overallLength?: number
}

export interface ParkNeed {
  trailerLength?: number
  rigLength?: number
  vehicleLength?: number
  tight: number
}

export interface ParkRules {
  /** Less to spare than this is tight, inches: nobody stops a rig to the inch (common practice). */
  tight: number
}

/** Two feet more than needed is as good as ten. */
const PLENTY = 48

/** Does it fit where they camp: coupler to bumper, and with the tow vehicle, against the longest they said. Inches. */
export const park: Question<'park', ParkFacts, ParkNeed, ParkRules> = {
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
  rules: { tight: 12 },
  baked: [],
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
  need: (household, { tight }) => {
    const { trailerLength, rigLength } = household.limits
    if (trailerLength === undefined && rigLength === undefined) return null
    return { trailerLength, rigLength, vehicleLength: vehicleFigure(household, 'length'), tight }
  },
  judge: ({ facts: { overallLength }, need: { trailerLength, rigLength, vehicleLength, tight } }) => {
    if (overallLength === undefined) {
      return answerOf([
        measure(says`The overall length, coupler to rear bumper, is not known.`, ['readings.overallLength']),
      ])
    }
    const reasons: Reason[] = []
    if (trailerLength !== undefined) {
      const spare = trailerLength - overallLength
      const words = says`${feet(overallLength)} overall, and they want at most ${feet(trailerLength)}.`
      reasons.push(reason(verdictOf(spare, tight), words, { margin: margin(spare), rests: ['readings.overallLength'] }))
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
          verdictOf(spare, tight),
          says`With the tow vehicle ${feet(rig)}, and the whole rig may be ${feet(rigLength)}.`,
          { margin: margin(spare), rests: ['readings.overallLength', 'household.vehicle.length'] },
        ),
      )
    }
    return answerOf(reasons, ['parks'])
  },
}

const margin = (value: number): Margin => ({ value, unit: 'in', plenty: PLENTY })
