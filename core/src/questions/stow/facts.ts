import { FIXTURE_KINDS } from '../../readings/catalogue'
import { figure } from '../../readings/reading'
import { holds } from '../../plan/shape/distance'
import { roomWord } from '../../plan/naming'
import type { Fixture, Plan, Room } from '../../plan/plan'
import { area, middleOf } from '../../plan/shape/shape'
import { knownSum } from '../../quantity/sum'
import { cubicFeet } from '../../quantity/volume'
import { baysLooked } from '../../trailer/drawn'
import { trailerFigure, type Trailer } from '../../trailer/trailer'
import type { StowRules } from './rules'

/** Where things go, whoever brings them. Inches, pounds, cubic feet. */
export interface StowFacts {
  /** Closet rod, inches; absent: a wardrobe's rod was not read. */
  rod?: number
  /** The least inside depth of a wardrobe, inches, where one was read. */
  hanging?: number
  unreadRods: string[]
  /** Drawers counted so far. */
  drawers: number
  /** Rooms one sleeps in behind a door or a curtain: what is in them for clothes. */
  closets: { room: string; name: string; wardrobes: number; drawers: number; unread: string[] }[]
  /** Wardrobes, cabinets, overheads and pantries, outside sizes less their walls. */
  shelves: number
  /** Whether somebody drew the bays, or looked and found none. */
  baysLooked: boolean
  /** What the rear receiver carries, where read. */
  receiver?: number
}

export function stowFacts(trailer: Trailer, { filled }: Pick<StowRules, 'filled'>): StowFacts {
  const { plan } = trailer
  const receiver =
    trailerFigure(trailer, 'rearReceiverRating') ??
    figure(plan.outside.find(({ kind }) => kind === 'receiver')?.readings, 'rating')
  const wardrobes = plan.fixtures.filter(({ kind }) => kind === 'wardrobe')
  const rods = wardrobes.map(({ readings }) => figure(readings, 'rod'))
  const rod = knownSum(rods)
  const depths = wardrobes.flatMap(({ readings }) => figure(readings, 'hanging') ?? [])
  return {
    ...(rod !== undefined && { rod }),
    ...(depths.length > 0 && { hanging: Math.min(...depths) }),
    unreadRods: wardrobes.filter((_, i) => rods[i] === undefined).map(({ id }) => `plan.fixtures.${id}.rod`),
    drawers: plan.fixtures.reduce((sum, { readings }) => sum + (figure(readings, 'drawers') ?? 0), 0),
    closets: closetsOf(plan),
    shelves: plan.fixtures.reduce(
      (sum, { kind, shape, band }) =>
        sum + (filled[kind] ?? 0) * cubicFeet(area(shape) * heightOf(band ?? FIXTURE_KINDS[kind].band)),
      0,
    ),
    baysLooked: baysLooked(trailer),
    ...(receiver !== undefined && { receiver }),
  }
}

const BEDROOMS = new Set<Room['kind']>(['bedroom', 'bunk room'])
const WITH_DRAWERS = new Set<Fixture['kind']>(['cabinet', 'tall-cabinet', 'nightstand'])

function closetsOf({ rooms, fixtures }: Plan): StowFacts['closets'] {
  return rooms
    .filter(({ kind, closedBy }) => BEDROOMS.has(kind) && closedBy !== 'nothing')
    .map(({ id, name, shape }) => {
      const within = fixtures.filter((one) => holds(shape, middleOf(one.shape)))
      return {
        room: id,
        name: roomWord(name),
        wardrobes: within.filter(({ kind }) => kind === 'wardrobe').length,
        drawers: within.reduce((sum, { readings }) => sum + (figure(readings, 'drawers') ?? 0), 0),
        unread: within
          .filter(({ kind, readings }) => WITH_DRAWERS.has(kind) && figure(readings, 'drawers') === undefined)
          .map((one) => `plan.fixtures.${one.id}.drawers`),
      }
    })
}

const heightOf = ([from, to]: readonly [number, number]): number => to - from
