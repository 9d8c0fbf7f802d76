import { reads, within, type ReadingSpecs } from './reading'

/** Ratings of the tow vehicle. The lowest of them governs. */
export const VEHICLE_READS = {
  towRating: within(
    reads.weight('Tow rating', 'Owner’s manual, for this engine and axle'),
    [100, 100000],
    [1000, 40000],
  ),
  payload: within(reads.weight('Payload', 'Yellow label in the driver’s door'), [50, 30000], [400, 8500]),
  gcwr: within(reads.weight('GCWR', 'Owner’s manual'), [500, 150000], [3500, 50000]),
  curbWeight: within(reads.weight('Curb weight', 'Scale ticket, or the manual'), [500, 40000], [2000, 11000]),
  hitchTongue: within(
    reads.weight('Receiver, tongue weight', 'Label on the receiver, with weight distribution if used'),
    [20, 20000],
    [100, 4500],
  ),
  hitchTongueAlone: within(
    reads.weight('Without weight distribution', 'Tongue weight, label on the receiver'),
    [20, 20000],
    [100, 3000],
  ),
  hitchTrailer: within(reads.weight('Receiver, trailer weight', 'Label on the receiver'), [100, 100000], [1000, 40000]),
  gvwr: within(reads.weight('GVWR of the vehicle', 'Label in the driver’s door'), [500, 60_000], [3_000, 20_000]),
  gawrFront: within(reads.weight('GAWR, front', 'Label in the driver’s door'), [200, 30_000], [1_400, 9_000]),
  gawrRear: within(reads.weight('GAWR, rear', 'Label in the driver’s door'), [200, 30_000], [1_400, 14_000]),
  wheelbase: within(reads.length('Wheelbase', 'Middle of the front wheel to middle of the rear'), [30, 400], [85, 200]),
  ball: within(reads.length('Ball on the hitch', 'Stamped on top of the ball'), [1, 6], [1.8, 2.4]),
  length: within(reads.length('Vehicle length', 'Bumper to receiver'), [60, 600], [140, 300]),
  seats: within(reads.count('Seats with belts'), [0, 60], [1, 15]),
} as const satisfies ReadingSpecs
export type VehicleKey = keyof typeof VEHICLE_READS
