import type { Use } from '../../plan/floor/places'
import type { Turning } from '../../plan/ways/turning'
import type { WayRules } from '../../plan/wayRules'
import { agrees, listed, says, type Phrase } from '../../quantity/phrase'
import { inches } from '../../quantity/quantity'
import { fits, no, tight, type Reason } from '../reason'
import type { Passage } from './passage'

/** What a wheelchair asks of a unit: the doors in, the ways, where it turns. */
export interface WheelchairFacts {
  entries: { width: number; ramp: boolean }[]
  turning: Turning[]
}

/** Where somebody who lives in it has to get in a wheelchair. */
const NEEDED: readonly { use: Use; name: string }[] = [
  { use: 'bed', name: 'a bed' },
  { use: 'toilet', name: 'the toilet' },
  { use: 'sink', name: 'the kitchen sink' },
]

/**
 * In a wheelchair: in by a door, to a bed, the toilet and the sink, each way as wide as a doorway has to be, and
 * turning there. 32 in and 60 in after the 2010 ADA Standards (404.2.3, 304.3; from memory), which were made for
 * buildings: a chair may be narrower, and is to be measured.
 */
export function wheelchairReasons(
  { entries, turning }: WheelchairFacts,
  parked: readonly Passage[],
  names: readonly string[],
  { wheelchair, turns }: WayRules,
): Reason[] {
  if (names.length === 0) return []
  const whose = `${listed(names)} ${agrees(names, 'uses a wheelchair', 'use wheelchairs')}`
  const it = agrees(names, 'it', 'one')
  const ask = says`measure the chair, and ask the maker about a ramp or a lift`
  const door = Math.max(0, ...entries.map(({ width }) => width))
  const reasons: Reason[] = []
  if (door < wheelchair)
    reasons.push(
      no(says`${whose}: by the widest door in ${wide(door, wheelchair)}; ${ask}.`, {
        brief: 'no way in for a wheelchair',
      }),
    )
  const ways = NEEDED.flatMap(({ use, name }) => {
    const widest = Math.max(-1, ...parked.filter((one) => one.use === use).map(({ width }) => width))
    return widest < 0 ? [] : [{ use, name, widest }]
  })
  const cut = ways.filter(({ widest }) => widest < wheelchair)
  if (cut.length) {
    const narrowest = cut.reduce((least, one) => (one.widest < least.widest ? one : least))
    reasons.push(
      no(
        says`${whose}; ${it} does not get to ${listed(
          cut.map(({ name }) => name),
          'or',
        )}: to ${narrowest.name} ${wide(narrowest.widest, wheelchair)}.`,
        { brief: 'too narrow for a wheelchair' },
      ),
    )
  }
  const turned = ways
    .filter(({ widest }) => widest >= wheelchair)
    .map(({ use, name }) => ({
      name,
      across: Math.max(0, ...turning.filter((one) => one.use === use).map(({ across }) => across)),
    }))
  const small = turned.filter(({ across }) => across < turns)
  if (small.length) {
    const least = small.reduce((one, other) => (other.across < one.across ? other : one))
    reasons.push(
      tight(
        says`${whose}; ${it} does not turn at ${listed(
          small.map(({ name }) => name),
          'or',
        )}: at ${least.name} ${wide(least.across, turns)}.`,
        { brief: 'no room for a wheelchair to turn' },
      ),
    )
  }
  if (reasons.length === 0)
    return entries.some(({ ramp, width }) => ramp && width >= wheelchair)
      ? [fits(says`${whose}: in by the ramp, and everywhere there is room to pass and to turn.`)]
      : [
          tight(says`${whose}: inside there is room to pass and to turn, but the way in is by steps; ${ask}.`, {
            brief: 'steps to the door',
          }),
        ]
  return reasons
}

/** What is free, and what would have to be. */
const wide = (free: number, needed: number): Phrase => says`${inches(free)} are free, and ${inches(needed)} are needed`
