import { plainName } from '../stowing/stowed'
import type { Gear } from '../household/household'
import type { LoadingFacts, Rack } from './facts'
import type { LoadingRules } from './rules'
import type { Weight } from './weights'

/** A rack with what stands on it. Pounds. */
export interface LoadedRack {
  id: string
  /** By itself, and within a sentence: `the tongue rack`. */
  title: string
  name: string
  /** What stands on it; on their own rack, that one too. */
  bears: number
  /** Absent: nobody read it. */
  carries?: number
  reading: string
  /** Their own, in the rear receiver. */
  own: boolean
  /** Where it stands; absent while nobody read it. */
  stands?: 'tongue' | 'roof' | 'rear'
  /** How many of each thing ride on it. */
  things: { name: string; count: number }[]
  /** The reading that would tell where it stands, while nobody took it: on a roof no bike rides. */
  unplaced?: string
  weight: Weight
}

export interface Racked {
  racks: LoadedRack[]
  /** Too long to ride across the trailer, and it has no rack on its roof. */
  tooLong: Gear[]
  /** Readings that would tell whether a rack takes what is too long to ride across. */
  unread: string[]
}

interface Piece {
  id: string
  weight: number
}

interface Place extends Omit<LoadedRack, 'bears' | 'weight' | 'things'> {
  /** What it weighs itself, where that is not in the trailer's own weight. */
  tare: number
  roof: boolean
  from: number
  to: number
  unread?: string
}

/** With more than so many things the first place that takes each is as good. */
const TRIED = 10

/**
 * Which rack each thing rides on: what is longer than the trailer is wide on its roof, all else across the tongue or
 * behind. Its own racks come first, those whose label was read before the others, then a rack of theirs in the rear
 * receiver. What no rack may take is put on the last all the same, where its limit says so.
 */
export function racked(
  facts: LoadingFacts,
  rearReceiver: number | undefined,
  gear: readonly Gear[],
  ownRack: number,
  rules: LoadingRules,
): Racked {
  const ride = gear.filter(({ rides }) => rides === 'rack')
  const long = ride.filter(({ size }) => size !== undefined && Math.max(...Object.values(size)) > rules.acrossAtMost)
  const across = ride.filter((one) => !long.includes(one))
  const places = placesOf(facts, rearReceiver, ownRack, rules)
  const roof = places.filter(({ roof: on }) => on)
  // One of which nobody read where it stands may stand on the roof.
  const unread = facts.racks
    ? facts.racks.flatMap(({ id, place }) => (place === undefined ? [placeKey(id)] : []))
    : ['equipment.rack']
  return {
    racks: [
      ...put(
        piecesOf(across),
        across,
        places.filter(({ roof: on }) => !on),
      ),
      ...put(piecesOf(long), long, roof),
    ],
    tooLong: roof.length === 0 && unread.length === 0 ? long : [],
    unread: long.length > 0 && roof.length === 0 ? unread : [],
  }
}

const placeKey = (id: string): string => `equipment.${id}.place`

const piecesOf = (gear: readonly Gear[]): Piece[] =>
  gear
    .flatMap(({ id, count, weight }) => Array.from({ length: count }, () => ({ id, weight })))
    .sort((a, b) => b.weight - a.weight)

function placesOf(
  facts: LoadingFacts,
  rearReceiver: number | undefined,
  ownRack: number,
  rules: LoadingRules,
): Place[] {
  const behind = facts.box + facts.bumper + rules.rackBehind
  const known = (rack: Rack): number => (rack.carries === undefined || rack.place === undefined ? 1 : 0)
  const its = [...(facts.racks ?? [])].sort((a, b) => known(a) - known(b))
  return [
    ...its.map((rack): Place => ({
      id: rack.id,
      title: rack.name,
      name: `the ${rack.name.charAt(0).toLowerCase()}${rack.name.slice(1)}`,
      carries: rack.carries,
      reading: `equipment.${rack.id}.carries`,
      own: false,
      tare: 0,
      roof: rack.place === 'roof',
      ...(rack.place && { stands: rack.place === 'tongue' || rack.place === 'roof' ? rack.place : 'rear' }),
      ...along(rack, facts, behind, rules),
    })),
    // Where one stands in the receiver already there is no room for theirs.
    ...(its.some(({ place }) => place === 'rear receiver')
      ? []
      : [
          {
            // No equipment has an id with a space.
            id: 'own rack',
            title: 'Rear rack',
            name: 'the rack',
            carries: rearReceiver,
            reading: 'readings.rearReceiverRating',
            own: true,
            tare: ownRack,
            roof: false,
            stands: 'rear' as const,
            from: behind,
            to: behind,
          },
        ]),
  ]
}

function along(
  rack: Rack,
  facts: LoadingFacts,
  behind: number,
  rules: LoadingRules,
): Pick<Place, 'from' | 'to' | 'unread'> {
  const before = -Math.min(rules.tongueRackAhead, facts.coupler)
  const at = (from: number, to: number, unread?: string) => ({ from, to, ...(unread && { unread }) })
  if (rack.at !== undefined && rack.place === 'roof') return at(rack.at, rack.at)
  if (rack.place === undefined) return at(before, behind, placeKey(rack.id))
  if (rack.place === 'tongue') return at(before, before)
  if (rack.place === 'roof') return at(0, facts.box, `equipment.${rack.id}.at`)
  return at(behind, behind)
}

function put(pieces: readonly Piece[], gear: readonly Gear[], places: readonly Place[]): LoadedRack[] {
  if (pieces.length === 0 || places.length === 0) return []
  // A rack of theirs is taken along only where it is needed.
  const chosen =
    shared(
      pieces,
      places.filter(({ own }) => !own),
    ) ?? shared(pieces, places)
  const ride = chosen ?? first(pieces, places)
  const on = (place: Place): Piece[] => pieces.filter((_, i) => ride[i] === place)
  const only = places.filter((place) => on(place).length > 0).length === 1
  const names = gear.map(plainName).join(', ')
  return places.flatMap((place): LoadedRack[] => {
    const { id, title: called, name, carries, reading, own, stands, tare, from, to, unread } = place
    const its = on(place)
    if (its.length === 0) return []
    const all = weightOf(its) + tare
    const what = only && names.length < 40 ? `${names} on ${name}` : `What rides on ${name}`
    const title = `${what.charAt(0).toUpperCase()}${what.slice(1)}`
    const weight: Weight = { id: `rack ${id}`, name: title, pounds: all, from, to, ...(unread && { unread }) }
    const unplaced = unread === placeKey(id) ? { unplaced: unread } : {}
    const things = gear.flatMap((one) => {
      const count = its.filter((piece) => piece.id === one.id).length
      return count > 0 ? [{ name: one.name, count }] : []
    })
    return [{ id, title: called, name, bears: all, carries, reading, own, stands, things, weight, ...unplaced }]
  })
}

const roomOn = ({ carries, tare }: Place): number => (carries ?? Infinity) - tare

const weightOf = (pieces: readonly Piece[]): number => pieces.reduce((sum, { weight }) => sum + weight, 0)

/** The place of each, all on racks that carry them, or undefined: every way is tried while there are few. */
function shared(pieces: readonly Piece[], places: readonly Place[]): Place[] | undefined {
  const bears = new Map<Place, number>()
  const ride: Place[] = []
  const exact = pieces.length <= TRIED
  const next = (i: number): boolean => {
    if (i === pieces.length) return true
    const { weight } = pieces[i]!
    for (const place of places) {
      const on = bears.get(place) ?? 0
      if (on + weight > roomOn(place)) continue
      bears.set(place, on + weight)
      ride[i] = place
      if (next(i + 1)) return true
      bears.set(place, on)
      if (!exact) return false
    }
    return false
  }
  return next(0) ? ride : undefined
}

/** Each on the first that takes it; the rest on the last, over its limit. */
function first(pieces: readonly Piece[], places: readonly Place[]): Place[] {
  const bears = new Map<Place, number>()
  return pieces.map(({ weight }) => {
    const place = places.find((one) => (bears.get(one) ?? 0) + weight <= roomOn(one)) ?? places.at(-1)!
    bears.set(place, (bears.get(place) ?? 0) + weight)
    return place
  })
}
