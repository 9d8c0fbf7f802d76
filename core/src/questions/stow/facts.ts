import { FIXTURE_KINDS, type FixtureKind } from '../../readings/catalogue'
import { figure } from '../../readings/reading'
import type { Hold } from '../../packing/piece'
import { roomsFor } from '../../plan/freeFloor'
import { ofGeometry } from '../../plan/geometry'
import type { Compartment, Plan } from '../../plan/plan'
import { nightWays } from '../../plan/nightWays'
import { floorOf } from '../../plan/reach'
import { area } from '../../plan/shape'
import { trailerFigure, type Trailer } from '../../trailer/trailer'

/** Where things go, whoever brings them. Inches, pounds, cubic feet. */
export interface StowFacts {
  holds: HoldFact[]
  /** Closet rod, inches; absent: a wardrobe's rod was not read. */
  rod?: number
  unreadRods: string[]
  /** Drawers counted so far. */
  drawers: number
  /** Wardrobes, cabinets, overheads and pantries, outside sizes less their walls. */
  shelves: number
  /** The usual sizes of dog crates, by their length, that stand on the floor at night off the ways. */
  crates: number[]
  /** What the rear receiver carries, where read. */
  receiver?: number
}

export interface HoldFact extends Hold {
  name: string
  place: Compartment['place']
  wet: boolean
  /** Berths and slides that take its room when they are used, or in. */
  shares: { id: string; kind: 'berth' | 'slide' }[]
  /** Middle of it from the front wall, where drawn. */
  at?: number
  limitRead: boolean
}

/** Usual dog crates: length and width (common practice). */
const CRATES: [number, number][] = [
  [24, 18],
  [30, 20],
  [36, 24],
  [42, 28],
]

/** Storage fixtures, and the share of their outline that can be filled. */
const SHELVES: Partial<Record<FixtureKind, number>> = {
  wardrobe: 0.85,
  pantry: 0.85,
  linen: 0.85,
  cabinet: 0.75,
  'tall-cabinet': 0.85,
  overhead: 0.8,
  nightstand: 0.7,
  counter: 0.5,
  island: 0.6,
}

export function stowFacts(trailer: Trailer): StowFacts {
  const { plan } = trailer
  const receiver =
    trailerFigure(trailer, 'rearReceiverRating') ??
    figure(plan.outside.find(({ kind }) => kind === 'receiver')?.readings, 'rating')
  const wardrobes = plan.fixtures.filter(({ kind }) => kind === 'wardrobe')
  const rods = wardrobes.map(({ readings }) => figure(readings, 'rod'))
  return {
    holds: plan.compartments.map((one) => holdFact(plan, one)),
    ...(rods.every((rod) => rod !== undefined) && { rod: rods.reduce<number>((sum, rod) => sum + rod!, 0) }),
    unreadRods: wardrobes.filter((_, i) => rods[i] === undefined).map(({ id }) => `plan.fixtures.${id}.rod`),
    drawers: plan.fixtures.reduce((sum, { readings }) => sum + (figure(readings, 'drawers') ?? 0), 0),
    shelves: plan.fixtures.reduce(
      (sum, { kind, shape, band }) =>
        sum + ((SHELVES[kind] ?? 0) * area(shape) * heightOf(band ?? FIXTURE_KINDS[kind].band)) / 1728,
      0,
    ),
    crates: ofGeometry(plan, 'crates', () => cratesOn(plan)),
    ...(receiver !== undefined && { receiver }),
  }
}

const heightOf = ([from, to]: readonly [number, number]): number => to - from

function holdFact(
  plan: Plan,
  { id, name, place, wet, size, openings, shares = [], at, readings }: Compartment,
): HoldFact {
  const limit = figure(readings, 'weightLimit')
  return {
    id,
    name,
    place,
    wet: wet ?? false,
    size,
    openings,
    ...(limit !== undefined && { limit }),
    limitRead: limit !== undefined,
    shares: shares.map((one) => ({ id: one, kind: plan.slides.some((slide) => slide.id === one) ? 'slide' : 'berth' })),
    ...middle(plan, id, at),
  }
}

/** Where it lies along the trailer: as drawn, or else by the door of its name in the outer wall. */
function middle(plan: Plan, id: string, at: number | undefined): { at?: number } {
  if (at !== undefined) return { at }
  const door = plan.outside.find((one) => one.id === id || one.id.startsWith(`${id}-`))
  return door && (door.wall === 'door' || door.wall === 'off-door') ? { at: door.start + door.length / 2 } : {}
}

function cratesOn(plan: Plan): number[] {
  const floor = floorOf(plan, 'night')
  const ways = nightWays(floor).map(({ path }) => path)
  return CRATES.filter((crate) => roomsFor(floor, crate, ways).length > 0).map(([length]) => length)
}
