import { vehicleFigure } from '../../household/household'
import { feet, says } from '../../quantity/phrase'
import { trailerFigure } from '../../trailer/trailer'
import { answerOf, verdictOf, type Margin, type Question, type Reason } from '../question'

export interface ParkFacts {
  overallLength?: number
}

export interface ParkNeed {
  trailerLength?: number
  rigLength?: number
  vehicleLength?: number
  tight: number
}

/** Two feet more than needed is as good as ten. */
const PLENTY = 48

/** Does it fit where they camp: coupler to bumper, and with the tow vehicle, against the longest they said. Inches. */
export const park: Question<ParkFacts, ParkNeed> = {
  id: 'park',
  asks: 'Does it fit where they camp?',
  short: 'Fits the site',
  topic: 'length',
  facts: (trailer) => ({ overallLength: trailerFigure(trailer, 'overallLength') }),
  need: (household, rules) => {
    const { trailerLength, rigLength } = household.limits
    if (trailerLength === undefined && rigLength === undefined) return null
    return { trailerLength, rigLength, vehicleLength: vehicleFigure(household, 'length'), tight: rules.park.tight }
  },
  judge: ({ overallLength }, { trailerLength, rigLength, vehicleLength, tight }) => {
    if (overallLength === undefined) {
      return answerOf([
        {
          verdict: 'measure',
          says: says`The overall length, coupler to rear bumper, is not known.`,
          missing: ['readings.overallLength'],
        },
      ])
    }
    const reasons: Reason[] = []
    if (trailerLength !== undefined) {
      const spare = trailerLength - overallLength
      const words = says`${feet(overallLength)} overall, and they want at most ${feet(trailerLength)}.`
      reasons.push({
        verdict: verdictOf(spare, tight),
        says: words,
        margin: margin(spare),
        rests: ['readings.overallLength'],
      })
    }
    if (rigLength !== undefined && vehicleLength === undefined) {
      reasons.push({
        verdict: 'measure',
        says: says`The tow vehicle’s length is not known, and the whole rig may be ${feet(rigLength)}.`,
        missing: ['household.vehicle.length'],
      })
    } else if (rigLength !== undefined) {
      const rig = overallLength + vehicleLength!
      const spare = rigLength - rig
      reasons.push({
        verdict: verdictOf(spare, tight),
        says: says`With the tow vehicle ${feet(rig)}, and the whole rig may be ${feet(rigLength)}.`,
        margin: margin(spare),
        rests: ['readings.overallLength', 'household.vehicle.length'],
      })
    }
    return answerOf(reasons, ['parks'])
  },
}

const margin = (value: number): Margin => ({ value, unit: 'in', plenty: PLENTY })
