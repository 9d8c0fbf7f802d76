import { vehicleFigure, type Gear, type Household } from '../../household/household'
import { small } from '../../plan/naming'
import { pack } from '../../packing/pack'
import { says, type Phrase } from '../../quantity/phrase'
import { pounds } from '../../quantity/quantity'
import { bayName, named, ridesInIt, stowed, type Stowed } from '../../stowing/stowed'
import { estimateOf } from './estimate'
import type { TowFacts } from './facts'
import { limitsOf, type Limit } from './limits'
import { heaviest, loadOf, ratingsOf } from './load'
import type { RigRules } from './rules'

/** Something they could do before they leave, and what it does to every limit that it touches. */
export interface TowHelp {
  says: Phrase
  /** How much is moved, left or poured out, pounds: the smaller is the better. */
  moves: number
  /** Whether nothing is broken any more with it. */
  enough: boolean
  effects: Effect[]
}

/** Pounds to spare, before and after; of the tongue the share of the trailer. */
export interface Effect {
  name: string
  unit: 'lb' | 'share'
  before: number
  after: number
  /** Whether it holds afterwards. */
  holds: boolean
}

interface Setting {
  household: Household
  /** How it rides while nothing of theirs was changed. */
  start: Stowed
  /** What was moved to another bay, by its id; all else goes where it goes. */
  moved: Readonly<Record<string, string>>
  /** What was packed already: to leave a thing and to put it into the vehicle is one to the bays. */
  packed: Map<string, Stowed>
}

interface Action {
  says: Phrase
  moves: number
  /** Two of one thing are not done together. */
  of: string
  act(now: Setting): Setting
}

/** So many ways are shown, the smallest first; of what is not enough, fewer. */
const SHOWN = 4
const SHOWN_SHORT = 2

/**
 * What would help when a limit is broken as they leave home: every single thing is tried, travelling dry, each thing left,
 * put into the vehicle or moved to another bay where it goes in; those that mend all, the smallest first. Two together
 * only where no single one does; and where no two do either, what helps most. Empty while nothing is broken.
 */
export function towHelps(
  facts: TowFacts & { uvw: number },
  household: Household,
  what: Stowed,
  rules: RigRules,
): TowHelp[] {
  const start = { household, start: what, moved: {}, packed: new Map<string, Stowed>() }
  const before = standing(facts, start, rules)
  if (before.every(({ spare }) => spare >= 0)) return []
  const actions = actionsFor(facts, start, rules)
  const tried = actions.flatMap((action) => helpOf([action], facts, start, before, rules) ?? [])
  const alone = bySize(tried.filter(({ enough }) => enough))
  if (alone.length) return alone.slice(0, SHOWN)
  const pairs = actions.flatMap((a, i) =>
    actions.slice(i + 1).flatMap((b) => (a.of === b.of ? [] : (helpOf([a, b], facts, start, before, rules) ?? []))),
  )
  const together = bySize(pairs.filter(({ enough }) => enough))
  if (together.length) return together.slice(0, SHOWN)
  const relief = (help: TowHelp) =>
    help.effects.reduce((sum, { holds, after, before: was }) => sum + (holds ? 0 : after - was), 0)
  return tried
    .filter((help) => relief(help) > 0)
    .sort((a, b) => relief(b) - relief(a))
    .slice(0, SHOWN_SHORT)
}

const bySize = (helps: readonly TowHelp[]): TowHelp[] => [...helps].sort((a, b) => a.moves - b.moves)

/** One limit as it stands when they leave: pounds to spare, or for the tongue a share inside its limits. */
interface Standing {
  name: string
  unit: Effect['unit']
  value: number
  /** Below nothing: broken. Of the tongue in shares of the trailer. */
  spare: number
}

function standing(facts: TowFacts & { uvw: number }, setting: Setting, rules: RigRules): Standing[] {
  const { household } = setting
  const towed = {
    load: heaviest(loadOf(household, rules)),
    ratings: ratingsOf(household),
    vehicle: household.vehicle.name,
    rules,
  }
  const { leaving } = estimateOf(facts, towed, ridesAs(setting))
  const known = limitsOf(facts, towed).filter(
    (limit): limit is Limit & { rating: number } => limit.rating !== undefined,
  )
  const each = known.map(({ name, rating, asks }): Standing => {
    const spare = rating - asks(leaving, 'most')
    return { name, unit: 'lb', value: spare, spare }
  })
  const { least, most } = leaving.tongue
  const [low, high] = [least / leaving.total, most / leaving.total]
  const inside = Math.min(low - rules.tongueLeast, rules.tongueMost - high)
  return [...each, { name: 'On the hitch', unit: 'share', value: (low + high) / 2, spare: inside }]
}

/**
 * How it rides once all that was done to it is done: packed anew from what is still there, so that of two things that are done
 * together neither is undone by the other.
 */
function ridesAs({ household, start, moved, packed }: Setting): Stowed {
  const gear = ridesInIt(household)
  const name = gear.map(({ id }) => `${id} ${moved[id] ?? ''}`).join('\n')
  const known = packed.get(name) ?? packedAnew(stowed(start.facts, gear), moved)
  packed.set(name, known)
  return known
}

function packedAnew(what: Stowed, moved: Setting['moved']): Stowed {
  if (!what.pieces.some(({ id }) => id in moved)) return what
  const pieces = what.pieces.map((piece) => {
    const bay = moved[piece.id]
    return bay === undefined ? piece : { ...piece, only: [bay] }
  })
  return { ...what, pieces, packing: pack(what.holds, pieces) }
}

/** So many things find no place. */
const leftIn = ({ packing }: Stowed): number => packing.left.reduce((sum, { count }) => sum + count, 0)

/** Nothing where less would go in than before. */
function helpOf(
  actions: readonly Action[],
  facts: TowFacts & { uvw: number },
  start: Setting,
  before: readonly Standing[],
  rules: RigRules,
): TowHelp | undefined {
  const done = actions.reduce((now, { act }) => act(now), start)
  if (leftIn(ridesAs(done)) > leftIn(start.start)) return undefined
  const after = standing(facts, done, rules)
  return {
    says: actions.map((one) => one.says).reduce((a, b) => says`${a}, and ${b}`),
    moves: actions.reduce((sum, { moves }) => sum + moves, 0),
    enough: after.every(({ spare }) => spare >= 0),
    effects: after.flatMap(({ name, unit, value, spare }): Effect[] => {
      const was = before.find((one) => one.name === name)!
      const changed = Math.abs(value - was.value) >= (unit === 'lb' ? 1 : 0.001)
      // What was broken is told even where it stays so.
      return changed || was.spare < 0 ? [{ name, unit, before: was.value, after: value, holds: spare >= 0 }] : []
    }),
  }
}

function actionsFor({ loading }: TowFacts, { household, start }: Setting, rules: RigRules): Action[] {
  const { freshShare } = loadOf(household, rules)
  const gallons = (loading.tanks['fresh-tank'] ?? []).reduce((sum, tank) => sum + (tank.gallons ?? 0), 0)
  const dry: Action = {
    says: says`travel with the fresh tank empty`,
    moves: gallons * freshShare * rules.waterPerGallon,
    of: 'water',
    act: (now) => ({ ...now, household: { ...now.household, trip: { ...now.household.trip, fresh: 'empty' } } }),
  }
  const carriesMore =
    (vehicleFigure(household, 'hitchTongue') ?? 0) > (vehicleFigure(household, 'hitchTongueAlone') ?? Infinity)
  // It moves nothing of theirs: bought and set up once.
  const bars: Action = {
    says: says`tow with a weight-distribution hitch, set up as its manual says`,
    moves: 0,
    of: 'hitch',
    act: (now) => ({ ...now, household: { ...now.household, trip: { ...now.household.trip, spreads: 'yes' } } }),
  }
  return [
    ...(household.trip.spreads === 'no' && carriesMore ? [bars] : []),
    ...(gallons > 0 && freshShare > 0 ? [dry] : []),
    ...household.gear.filter(({ rides }) => rides !== 'vehicle').flatMap((one) => gearActions(one, household, start)),
  ]
}

function gearActions(one: Gear, household: Household, what: Stowed): Action[] {
  const moves = one.weight * one.count
  const name = named(household.gear, one.id, one.count)
  const changed =
    (change: (gear: Gear[]) => Gear[]) =>
    (now: Setting): Setting => ({ ...now, household: { ...now.household, gear: change(now.household.gear) } })
  if (moves === 0) return []
  return [
    {
      says: says`leave ${name} at home, ${pounds(moves)}`,
      moves,
      of: one.id,
      act: changed((gear) => gear.filter(({ id }) => id !== one.id)),
    },
    // Fuel does not ride with people, and nobody knows whether theirs has a bed.
    ...(one.fuel
      ? []
      : [
          {
            says: says`put ${name} into the ${small(household.vehicle.name)}, ${pounds(moves)}`,
            moves,
            of: one.id,
            act: changed((gear) =>
              gear.map((other) => (other.id === one.id ? { ...other, rides: 'vehicle' as const } : other)),
            ),
          },
        ]),
    ...movedTo(one, name, what),
  ]
}

/** To each other bay that may take it. */
function movedTo(one: Gear, name: string, what: Stowed): Action[] {
  const at = what.packing.placed.find(({ piece }) => piece === one.id)?.hold
  const piece = what.pieces.find(({ id }) => id === one.id)
  if (!at || !piece) return []
  return what.holds
    .filter(({ id }) => id !== at && (piece.only?.includes(id) ?? true))
    .map((hold) => ({
      says: says`move ${name} to ${bayName(hold.name)}`,
      moves: one.weight * one.count,
      of: one.id,
      act: (now) => ({ ...now, moved: { ...now.moved, [one.id]: hold.id } }),
    }))
}
