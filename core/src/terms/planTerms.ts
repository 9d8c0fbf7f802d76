import { bathsOf } from '../plan/living/baths'
import { counterSpace } from '../plan/living/counter'
import { ofGeometry } from '../plan/geometry'
import { sightLines, sightsFromBed } from '../plan/living/sight'
import { BERTH_KINDS } from '../readings/catalogue'
import { PLAN_WISHES, type PlanWish } from '../household/wishes/planWishes'
import type { Plan } from '../plan/plan'
import { figure, flag } from '../readings/reading'
import { WAY_RULES } from '../plan/wayRules'
import { defaultsOf } from '../rule/rule'
import { toFinish, undrawn } from '../trailer/drawn'
import type { Trailer } from '../trailer/trailer'
import { madeNight } from '../nights/facts'
import type { Known, Term } from './term'

/** A cook’s depth of counter counts, inches (common practice). */
const DEEP = 16
/** Heads turn so far to a screen that is watched, and it is looked at so far from straight on, degrees (common practice). */
const TURN = 60
const SLANT = 45
/** What a word such as “big crate” means is the same in every house: none of these is a rule. */
const WAYS = defaultsOf(WAY_RULES)
/** Crates as they are sold, inches (common practice). */
const CRATES = [
  [18, 12],
  [24, 18],
  [30, 20],
  [36, 23],
  [42, 28],
  [48, 30],
  [54, 35],
] as const

/** What a finished drawing tells; of one that is not, what is there is there, and what is not is not known. */
const drawn =
  (has: (trailer: Trailer) => boolean) =>
  (trailer: Trailer): Known => {
    if (undrawn(trailer).length) return {}
    if (has(trailer)) return { there: true }
    return toFinish(trailer).length ? {} : { there: false }
  }

const measured =
  (of: (trailer: Trailer) => number | undefined) =>
  (trailer: Trailer): Known => {
    const value = undrawn(trailer).length ? undefined : of(trailer)
    return value === undefined ? {} : { there: value > 0, figure: value }
  }

const bedrooms = ({ plan }: Trailer) => plan.rooms.filter(({ kind }) => kind === 'bedroom')
const bunks = ({ plan }: Trailer) => plan.berths.filter(({ kind }) => BERTH_KINDS[kind].bunk)

const named = (key: PlanWish): Pick<Term, 'key' | 'says'> => ({
  key: `plan.${key}`,
  says: PLAN_WISHES[key].replace(/^A/, 'a'),
})

/** What people ask of a floor plan that no list of things says: it is seen on the drawing. */
export const PLAN_TERMS: readonly Term[] = [
  {
    ...named('bedroomDoor'),
    names: [
      'separate bedroom',
      'private bedroom',
      'closed bedroom',
      'bedroom door',
      'bedroom with a door',
      'bedroom behind a door',
      'door on the bedroom',
      'door to the bedroom',
    ],
    of: drawn((trailer) => bedrooms(trailer).some(({ closedBy }) => closedBy === 'door')),
  },
  {
    ...named('bedroomCurtain'),
    names: ['bedroom curtain', 'bedroom with a curtain', 'bedroom behind a curtain'],
    of: drawn((trailer) => bedrooms(trailer).some(({ closedBy }) => closedBy === 'curtain')),
  },
  {
    ...named('bunkRoomDoor'),
    names: ['bunk room door', 'closed bunk room', 'bunk room with a door', 'private bunk room', 'separate bunk room'],
    of: drawn(({ plan }) => plan.rooms.some(({ kind, closedBy }) => kind === 'bunk room' && closedBy === 'door')),
  },
  {
    ...named('dryBath'),
    names: ['dry bath', 'dry bathroom', 'separate shower', 'dry shower', 'shower apart from the toilet'],
    of: drawn(({ plan }) => plan.fixtures.some(({ kind }) => kind === 'shower' || kind === 'tub')),
  },
  {
    ...named('splitBath'),
    names: ['split bath', 'split bathroom', 'toilet apart from the shower'],
    of: drawn(({ plan }) => bathsOf(plan).some(({ type }) => type === 'split')),
  },
  {
    ...named('bathDoor'),
    names: [
      'bathroom door',
      'bath door',
      'door on the bath',
      'door on the bathroom',
      'bathroom with a door',
      'bath with a door',
    ],
    of: drawn(({ plan }) => bathsOf(plan).some(({ toilet, closedBy }) => toilet && closedBy === 'door')),
  },
  {
    ...named('walkAroundBed'),
    names: [
      'walk-around bed',
      'walk around bed',
      'walkaround bed',
      'walk-around queen',
      'walk around queen',
      'walkaround queen',
      'bed open on both sides',
      'bed with both sides free',
      'island bed',
    ],
    of: drawn(({ plan }) =>
      plan.berths.some(({ kind, head, access }) => {
        const sides =
          head === 'front' || head === 'rear' ? (['door', 'off-door'] as const) : (['front', 'rear'] as const)
        return kind === 'bed' && sides.every((side) => access.includes(side))
      }),
    ),
  },
  {
    ...named('tvFromSeat'),
    names: [
      'sees the tv',
      'see the tv',
      'tv from the sofa',
      'tv from the couch',
      'watch tv',
      'tv in sight',
      'tv you can see',
    ],
    of: drawn(({ plan }) => ofScreens(plan, 'tv from a seat', () => sightLines(plan, 'parked').some(isWatched))),
  },
  {
    ...named('tvFromBed'),
    names: ['tv from the bed', 'tv in bed', 'bedroom tv', 'tv in the bedroom', 'watch tv in bed'],
    of: drawn(({ plan }) =>
      ofScreens(plan, 'tv from a bed', () =>
        plan.berths
          .filter(({ conversion }) => conversion === undefined)
          .some((berth) => sightsFromBed(berth, plan, 'parked').some(isWatched)),
      ),
    ),
  },
  {
    key: 'plan.longestCounter',
    says: 'longest counter',
    names: ['counter run', 'clear counter', 'counter space', 'countertop', 'counter top', 'work space'],
    unit: 'in',
    of: measured(({ plan }) =>
      Math.max(
        0,
        ...counterSpace(plan, 'on')
          .flatMap(({ rectangles }) => rectangles)
          .filter(({ depth }) => depth >= DEEP)
          .map(({ length }) => Math.floor(length)),
      ),
    ),
  },
  {
    key: 'plan.dogCrate',
    says: 'room for a dog crate',
    names: ['dog crate', 'crate', 'kennel', 'room for a dog crate', 'place for a dog crate', 'space for a dog crate'],
    unit: 'in',
    of: measured(({ plan }) => ofGeometry(plan, ['largest crate'], () => largestCrate(plan))),
  },
  {
    key: 'plan.bunkLength',
    says: 'bunk length',
    names: ['bunk length'],
    unit: 'in',
    of: measured((trailer) => most(bunks(trailer).map(({ readings }) => figure(readings, 'mattressLength')))),
  },
  {
    key: 'plan.bunkLimit',
    says: 'bunk limit',
    names: ['bunk limit', 'bunk weight limit'],
    unit: 'lb',
    of: measured((trailer) => most(bunks(trailer).map(({ readings }) => figure(readings, 'weightLimit')))),
  },
]

/** What follows from the drawing and from which screens turn on their mounts. */
const ofScreens = (plan: Plan, what: string, make: () => boolean): boolean =>
  ofGeometry(
    plan,
    [what, plan.fixtures.filter(({ kind }) => kind === 'tv').map(({ readings }) => flag(readings, 'swivel') ?? null)],
    make,
  )

const isWatched = ({ turn, slant, blockedBy }: { turn: number; slant: number; blockedBy?: string }): boolean =>
  blockedBy === undefined && turn <= TURN && slant <= SLANT

/** The largest of some figures; none where there are some and one of them is unread. */
const most = (values: readonly (number | undefined)[]): number | undefined =>
  values.includes(undefined) ? undefined : Math.max(0, ...(values as number[]))

/** The longest crate that stands on free floor with only the fixed beds made, inches; 0: none. */
function largestCrate(plan: Plan): number {
  const { floor } = madeNight(plan, [], WAYS)
  const stands = ([long, wide]: readonly [number, number]) =>
    floor.some(([x0, y0, x1, y1]) => {
      const [a, b] = [x1 - x0, y1 - y0]
      return (a >= long && b >= wide) || (a >= wide && b >= long)
    })
  return CRATES.findLast(stands)?.[0] ?? 0
}
