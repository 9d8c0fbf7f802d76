import { parseLength, parseNumber, parseWeight } from '../quantity/parse'
import { VEHICLE_READS, type VehicleKey } from '../readings/vehicleReads'

/** How a rating's text is read: a length, a weight or a plain number. */
export function parseRating(key: VehicleKey): (text: string) => number {
  const { unit } = VEHICLE_READS[key] as { unit?: string }
  return unit === 'in' ? parseLength : unit === 'lb' ? parseWeight : parseNumber
}
