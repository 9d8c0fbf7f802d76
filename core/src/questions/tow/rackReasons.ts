import type { Gear } from '../../household/household'
import type { LoadedRack, Racked } from '../../loading/racks'
import { listed, says } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { named } from '../../stowing/stowed'
import { measure, tight, type Reason } from '../reason'
import { exactly } from './asked'
import { rated, type Rated } from './rated'

/** What stands on each rack against what that carries; a bumper alone carries nothing but its spare. */
export function rackReasons({ racks, tooLong, unread }: Racked, reserve: number): Reason[] {
  const long = listed(tooLong.map(({ id, count }) => named(tooLong, id, count)))
  return [
    ...racks.map((rack) =>
      unlessPlaced(
        rated({ ...worded(rack), rating: rack.carries, asked: exactly(rack.bears), rests: [rack.reading] }, reserve),
        rack.unplaced,
      ),
    ),
    ...(tooLong.length
      ? [
          tight(
            says`It has no rack on its roof for ${long}, too long to ride across it: ${pounds(sum(tooLong))} more on the vehicle.`,
            { brief: 'no roof rack' },
          ),
        ]
      : []),
    ...(unread.length
      ? [
          measure(
            says`Nobody has noted yet whether it has a rack on its roof for what is too long to ride across it.`,
            unread,
          ),
        ]
      : []),
  ]
}

const sum = (gear: readonly Gear[]): number => gear.reduce((all, { weight, count }) => all + weight * count, 0)

/** A rack of which nobody read where it stands: what already fails fails, nothing else is certain. */
function unlessPlaced(given: Reason, unplaced: string | undefined): Reason {
  if (unplaced === undefined || given.verdict === 'no' || given.verdict === 'measure') return given
  return measure(says`${given.says} Where it stands is not read.`, [unplaced])
}

function worded({ name, own }: LoadedRack): Pick<Rated, 'name' | 'words'> {
  return own
    ? {
        name: 'What its rear receiver carries',
        words: (amount) => says`${amount} hang behind it with the rack, on a receiver that carries`,
      }
    : {
        name: `What ${name} carries`,
        words: (amount) => says`${amount} stand on ${name}, which carries`,
      }
}
