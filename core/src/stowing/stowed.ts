import { small } from '../plan/naming'
import { pack } from '../packing/pack'
import type { Opening, Packing, Piece, Placed } from '../packing/piece'
import type { Gear, Household } from '../household/household'
import type { HoldFact, StowingFacts } from './facts'
import { withId } from '../plan/withId'
import { latest, oncePer } from '../memory/remembered'

/** What rides where: the packing, and what each hold then carries. */
export interface Stowed {
  /** All there are, also those that a slide takes on the road. */
  facts: StowingFacts
  /** What they bring that rides in it and has a size. */
  gear: readonly Gear[]
  holds: HoldFact[]
  pieces: Piece[]
  packing: Packing
}

/** Puts what they bring into the compartments as they are on the road: a slide that is in takes what it shares. */
export function stowed(facts: StowingFacts, gear: readonly Gear[]): Stowed {
  if (gear.length === 0)
    return { facts, gear, holds: onRoad(facts), pieces: [], packing: { placed: [], left: [], proven: true } }
  return packed(asText(facts.holds) + asText(gear), () => putAway(facts, gear))
}

/** One household's gear is put into every unit of a yard: it is written out once. */
const asText = oncePer((value: object): string => JSON.stringify(value))

/** A yard has many units of a plan, and is ranked anew at every word of an interview. */
const packed = latest<Stowed>(400)

function putAway(facts: StowingFacts, gear: readonly Gear[]): Stowed {
  const holds = onRoad(facts)
  const pieces = gear.flatMap((one) => piecesOf(one, holds))
  const packing = pack(holds, pieces)
  return { facts, gear, holds, pieces, packing: { ...packing, placed: packing.placed.map(deepestFirst(holds)) } }
}

/**
 * Packing begins in the corner at the front, the off-door side and the floor. Where the only doors are in one of those walls,
 * it is turned over: what goes in first lies farthest from its door, on whichever side that is.
 */
function deepestFirst(holds: readonly HoldFact[]): (one: Placed) => Placed {
  const turnedOver = new Map(
    holds.map(({ id, size, openings }) => {
      const opensAt = (wall: Opening['wall']) => openings.some((one) => one.wall === wall)
      const over = [opensAt('front') && !opensAt('rear'), opensAt('off-door') && !opensAt('door'), false]
      return [id, { size, over }] as const
    }),
  )
  return (one) => {
    const { size, over } = turnedOver.get(one.hold)!
    const along = (axis: 0 | 1 | 2) => (over[axis] ? size[axis] - one.at[axis] - one.size[axis] : one.at[axis])
    return { ...one, at: [along(0), along(1), along(2)] }
  }
}

const onRoad = ({ holds }: StowingFacts): HoldFact[] =>
  holds.filter(({ shares }) => !shares.some(({ kind }) => kind === 'slide'))

/** What rides in the trailer and has a size. */
export const ridesInIt = ({ gear }: Pick<Household, 'gear'>): Gear[] =>
  gear.filter(({ rides, size }) => rides === 'trailer' && size)

/**
 * A piece knows where it may go: fuel and what is kept outside never inside, what is wanted on the road inside,
 * what is wanted first at camp outside, where there is such a place.
 */
function piecesOf(
  { id, count, size, weight, turns, stacks, fragile, fuel, keep, first }: Gear,
  holds: readonly HoldFact[],
): Piece[] {
  if (!size) return []
  const inPlace = (place: HoldFact['place']) => holds.filter((hold) => hold.place === place).map((hold) => hold.id)
  const preferred = first === 'road' ? inPlace('inside') : first === 'camp' ? inPlace('outside') : []
  const only =
    fuel || keep === 'outside'
      ? inPlace('outside')
      : keep === 'inside'
        ? inPlace('inside')
        : keep === 'dry'
          ? holds.filter(({ wet }) => !wet).map((hold) => hold.id)
          : preferred.length
            ? preferred
            : undefined
  const alone = stacks === false
  return [
    {
      id,
      count,
      size: [size.length, size.width, size.height],
      weight,
      turns: turns ?? 'any',
      bears: !(alone || fragile),
      stands: !alone,
      ...(only && { only }),
    },
  ]
}

/** Pounds in each hold, by id; added up once for what is weighed at several moments, on all units of a plan. */
export const weights = oncePer(({ pieces, packing }: Stowed): ReadonlyMap<string, number> => {
  const each = new Map(pieces.map(({ id, weight }) => [id, weight]))
  const sums = new Map<string, number>()
  for (const { hold, piece } of packing.placed) sums.set(hold, (sums.get(hold) ?? 0) + (each.get(piece) ?? 0))
  return sums
})

/**
 * Things that have to come out before a piece does, towards the nearest of the doors: what stands in its way,
 * or on it.
 */
export function inFrontOf({ holds, packing }: Stowed, piece: string): number {
  const own = packing.placed.filter((one) => one.piece === piece)
  return Math.max(
    0,
    ...own.map((one) => {
      const others = packing.placed.filter((other) => other !== one && other.piece !== piece && other.hold === one.hold)
      const meets = (other: typeof one, axis: number) =>
        other.at[axis]! < one.at[axis]! + one.size[axis]! && other.at[axis]! + other.size[axis]! > one.at[axis]!
      const on = others.filter(
        (other) => other.at[2] >= one.at[2] + one.size[2] - 1e-6 && meets(other, 0) && meets(other, 1),
      )
      const ways = holds
        .find(({ id }) => id === one.hold)!
        .openings.map(({ wall }) => {
          const [axis, sign] =
            wall === 'front'
              ? [0, -1]
              : wall === 'rear'
                ? [0, 1]
                : wall === 'off-door'
                  ? [1, -1]
                  : wall === 'door'
                    ? [1, 1]
                    : [2, 1]
          const cross = [0, 1, 2].filter((other) => other !== axis)
          return new Set([
            ...on,
            ...others.filter(
              (other) =>
                cross.every((side) => meets(other, side)) &&
                (sign > 0
                  ? other.at[axis!]! >= one.at[axis!]! + one.size[axis!]! - 1e-6
                  : other.at[axis!]! + other.size[axis!]! <= one.at[axis!]! + 1e-6),
            ),
          ]).size
        })
      return ways.length ? Math.min(...ways) : on.length
    }),
  )
}

/** `the 4 bikes`, `2 of the 3 totes`. */
export const named = (gear: readonly Gear[], id: string, count: number): string => {
  const found = withId(gear, id)
  const { count: all } = found
  const name = plainName(found)
  return count === all ? (all > 1 ? `the ${all} ${name}` : `the ${name}`) : `${count} of the ${all} ${name}`
}

/** Within a list what is said after a comma goes in brackets: `totes (27 gallon)`. */
export function plainName({ name }: Pick<Gear, 'name'>): string {
  const [thing, ...more] = small(name).split(', ')
  return more.length ? `${thing!} (${more.join(', ')})` : thing!
}

/** `the pass-through`; a bay named by where it is, `the space under the bed`. */
export const bayName = (name: string): string =>
  /^(Above|Behind|Below|Beside|Between|In|Inside|Over|Under) /.test(name)
    ? `the space ${small(name)}`
    : `the ${small(name)}`
