import type { Gear } from '../../household/household'
import type { LoadedRack, Racked } from '../../loading/racks'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { named } from '../../stowing/stowed'
import { measure, tight, type Reason } from '../reason'
import { notSaferThan, rated } from './rated'

/** What stands on each rack against what that carries; a bumper alone carries nothing but its spare. */
export function rackReasons({ racks, tooLong, unread }: Racked, reserve: number): Reason[] {
  const long = listed(tooLong.map(({ id, count }) => named(tooLong, id, count)))
  return [
    ...racks.map((rack) =>
      notSaferThan(
        rated({ ...worded(rack), rating: rack.carries, asked: rack.bears, rests: [rack.reading] }, reserve),
        rack.unplaced ? [rack.unplaced] : [],
        says`Where it stands is not read.`,
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

function worded({ name, bears, own }: LoadedRack): { name: string; words: Phrase } {
  return own
    ? {
        name: 'What its rear receiver carries',
        words: says`About ${pounds(bears)} hang behind it with the rack, on a receiver that carries`,
      }
    : {
        name: `What ${name} carries`,
        words: says`About ${pounds(bears)} stand on ${name}, which carries`,
      }
}
