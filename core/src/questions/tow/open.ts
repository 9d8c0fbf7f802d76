import { riding, type Household } from '../../household/household'
import { says } from '../../quantity/phrase'
import { figure } from '../../readings/reading'
import { VEHICLE_READS, type VehicleKey } from '../../readings/vehicleReads'
import type { Open } from '../open'

/** A low and a high figure that people read off, in pounds or seats (common practice). */
const USUAL: Partial<Record<VehicleKey, readonly number[]>> = {
  payload: [1100, 1450, 1900],
  towRating: [4500, 6500, 9500],
  hitchTongue: [500, 750, 1100],
  seats: [5, 8],
}

const WHERE: Partial<Record<VehicleKey, string>> = {
  towRating: 'in the owner’s manual',
  payload: 'on the yellow label in the driver’s door',
  hitchTongue: 'on the label of the receiver',
  seats: 'counted in the vehicle',
}

/** What to ask about the vehicle and its hitch. */
export const openOfTow = (household: Household): Open[] => [...ofVehicle(household), ...ofHitch(household)]

function ofVehicle(household: Household): Open[] {
  const { readings, unknown = [] } = household.vehicle
  const many = riding(household).length
  return (Object.entries(USUAL) as [VehicleKey, readonly number[]][])
    .filter(([key]) => figure(readings, key) === undefined && !unknown.includes(key) && (key !== 'seats' || many > 2))
    .map(([key, figures]) => ({
      field: `vehicle.ratings.${key}.value`,
      asks: says`Their ${VEHICLE_READS[key].label.toLowerCase()}, ${WHERE[key] ?? ''}`,
      answers: figures.map((value) => ({
        household: {
          ...household,
          vehicle: { ...household.vehicle, readings: { ...readings, [key]: [{ value, source: 'label' as const }] } },
        },
      })),
    }))
}

function ofHitch(household: Household): Open[] {
  if (household.trip.spreads !== undefined) return []
  const tows = (spreads: 'yes' | 'no') => ({ household: { ...household, trip: { ...household.trip, spreads } } })
  return [
    {
      field: 'trip.spreads',
      asks: says`Whether they tow with a weight-distribution hitch`,
      answers: [tows('yes'), tows('no')],
    },
  ]
}
