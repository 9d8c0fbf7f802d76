import { usuallyThere } from '../../household/household'
import type { Stance } from '../../household/wishes/stances'
import { distanceTo } from '../../plan/shape/distance'
import { ofGeometry } from '../../plan/geometry'
import { namesOfLost } from '../../plan/ways/keptFrom'
import { capital, nameOnPlan } from '../../plan/naming'
import { floorOf } from '../../plan/ways/reach'
import { openedAt } from '../../plan/living/recliners'
import { LOUNGE_KINDS, seatsAt, TABLE_KINDS } from '../../plan/living/seats'
import { sightLines, sightsFromBed } from '../../plan/living/sight'
import { nightsOf } from '../../plan/together'
import type { WayRules } from '../../plan/wayRules'
import { listed, says, type Phrase } from '../../quantity/phrase'
import { inches, quantity } from '../../quantity/quantity'
import { knownSum } from '../../quantity/sum'
import { figure, flag, word } from '../../readings/reading'
import { SEATING_RULES, type SeatingRules } from './rules'
import { toNote, unexplained } from '../../trailer/drawn'
import type { Trailer } from '../../trailer/trailer'
import { answerOf } from '../answer'
import type { Question } from '../question'
import { fits, marginOf, measure, note, reason, tight, type Reason } from '../reason'
import { usualNight, type AssignedNight } from '../../nights/sleepingAssignment'
import { storedFor } from '../../nights/night'
import { lookedReason, stanceReason } from '../stance'
import { unsureReason } from '../whereTheyLie'

export interface SeatingFacts {
  /** Absent: not counted. */
  atTable?: number
  inLounge?: number
  /** Where more places were counted than one can sit at. */
  crowded: { name: string; counted: number; room: number }[]
  tvs: number
  /**
   * For each seat with a TV in sight: how far the head turns to the one that is easiest to watch, and how far
   * aside it is seen from; degrees.
   */
  sights: { turn: number; slant: number }[]
  seats: number
  /** From the first bed that is always there, the TV that is easiest to watch; absent: none is seen from it. */
  fromBed?: { name: string; sight?: { turn: number; slant: number } }
  /** Seats left while beds are made up, for every set of conversions that can be made together. */
  nights: { made: string[]; left: number }[]
  /** Desks, and what is read of the outlet at each; `window`: to the nearest, inches. */
  /** Seats that recline: opened, how far the footrest comes out, what is in its way, and what one does not get to past it. */
  opened: {
    name: string
    /** A lounge, set as a dinette. */
    set?: true
    out: number
    stopped?: { by: string; short: number }
    lost: string[]
  }[]
  /** Those of which nobody measured how far they reach, and lounges that are set as a dinette. */
  unopened: string[]
  unset: string[]
  /** Lounges that are set up as a dinette by day: the seats that are then at a table, and what of it nobody counted. */
  lounges?: { atTable?: number; unread: string[] }
  desks: { id: string; outlet?: boolean; window: number }[]
  unread: string[]
  /** Readings that tell of what inside is neither drawn nor noted as not there: of the table, of anything. */
  unnoted: { table?: string; any: string[] }
}

export interface SeatingNeed {
  people: number
  /** Guests are there on most trips. */
  guests: boolean
  /** Those who work on the road. */
  workers: string[]
  tv?: Stance
  rules: SeatingRules
}

/** No window at all, inches. */
const FAR = 999

/** Can they all sit: at the table in one sitting, and facing a TV on a wet day. */
export const seating: Question<'seating', SeatingFacts, SeatingNeed, typeof SEATING_RULES> = {
  id: 'seating',
  words: {
    asks: 'Can they all sit together?',
    short: 'Seats',
    topic: 'seating',
    against: 'do not seat them',
    speaksFor: 'all sit at the table',
    shownAt: 'living',
    tryIt: 'Let all of them sit down at once.',
  },
  version: 8,
  rules: SEATING_RULES,
  factRules: [],
  weight: 1,
  living: true,
  drawing: ['inside'],
  cautions: [],
  facts: (trailer, _rules, ways) => seatingFacts(trailer, ways),
  need: (household, rules) => ({
    people: usuallyThere(household).length,
    guests: household.guestsCome === 'most trips',
    workers: usuallyThere(household)
      .filter(({ needs }) => needs?.includes('work place'))
      .map(({ name }) => name),
    tv: household.stances.centralTv,
    rules,
  }),
  judge: ({ facts, need, shared }) =>
    answerOf([
      tableReason(facts, need),
      ...crowdedReasons(facts),
      ...loungeReason(facts),
      ...openedReasons(facts),
      ...tvReason(facts, need),
      ...bedReason(facts, need),
      ...workReason(facts, need),
      ...(facts.nights.length > 1
        ? [...unsureReason(shared.lying), ...madeReason(facts, usualNight(shared.lying, need.guests))]
        : []),
    ]),
}

function seatingFacts(trailer: Trailer, ways: WayRules): SeatingFacts {
  const { plan } = trailer
  const unnoted = unexplained(trailer)
  const of = (kinds: readonly string[]) => plan.fixtures.filter(({ kind }) => kinds.includes(kind))
  const sat = seatsAt(plan, 'parked')
  const room = (id: string) => sat.filter((seat) => seat.id === id).length
  const counted = (kinds: readonly string[]) =>
    knownSum(
      of(kinds).map(({ id, readings }) => {
        const seats = figure(readings, 'seats')
        return seats === undefined ? undefined : Math.min(seats, room(id))
      }),
    )
  const bySeat = new Map<string, { turn: number; slant: number }>()
  let seats = 0
  for (const { seat, tv, turn, slant, blockedBy } of sightLines(plan, 'parked')) {
    const key = seat.at.join()
    if (tv === plan.fixtures.find(({ kind }) => kind === 'tv')!.id) seats += 1
    const known = bySeat.get(key)
    if (!blockedBy && (!known || Math.max(turn, slant) < Math.max(known.turn, known.slant)))
      bySeat.set(key, { turn: Math.round(turn), slant: Math.round(slant) })
  }
  return {
    atTable: counted(TABLE_KINDS),
    inLounge: counted(LOUNGE_KINDS),
    crowded: of([...TABLE_KINDS, ...LOUNGE_KINDS]).flatMap(({ id, readings }) => {
      const seats = figure(readings, 'seats') ?? 0
      return seats > room(id) ? [{ name: nameOnPlan(plan, id), counted: seats, room: room(id) }] : []
    }),
    tvs: of(['tv']).length,
    sights: [...bySeat.values()],
    seats,
    ...bedSight(plan),
    ...openedFacts(trailer, ways),
    ...loungesOf(plan),
    nights: nightsOf(plan).map((made) => ({ made, left: seatsAt(plan, 'night', made).length })),
    desks: of(['desk']).map(({ id, shape, readings }) => ({
      id,
      outlet: flag(readings, 'outlet'),
      window: Math.round(
        Math.min(
          ...plan.windows.map(({ from, to }) => distanceTo(shape, [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2])),
          FAR,
        ),
      ),
    })),
    unread: of(TABLE_KINDS)
      .filter(({ readings }) => figure(readings, 'seats') === undefined)
      .map(({ id }) => `plan.fixtures.${id}.seats`),
    unnoted: { ...(unnoted.includes('table') && { table: toNote('table') }), any: unnoted.map(toNote) },
  }
}

function bedSight(plan: Trailer['plan']): Pick<SeatingFacts, 'fromBed'> {
  const bed = plan.berths.find(({ kind }) => kind === 'bed')
  if (!bed || !plan.fixtures.some(({ kind }) => kind === 'tv')) return {}
  const [best] = sightsFromBed(bed, plan, 'parked')
    .filter(({ blockedBy }) => !blockedBy)
    .map(({ turn, slant }) => ({ turn: Math.round(turn), slant: Math.round(slant) }))
    .sort((a, b) => Math.max(a.turn, a.slant) - Math.max(b.turn, b.slant))
  return { fromBed: { name: nameOnPlan(plan, bed.id), ...(best && { sight: best }) } }
}

/** Theater seats recline unless somebody noted that they do not; chairs where somebody noted that they do. */
function openedFacts({ plan, features }: Trailer, ways: WayRules): Pick<SeatingFacts, 'opened' | 'unopened' | 'unset'> {
  const [theater, chairs] = [word(features, 'recline'), word(features, 'rockers')]
  const reclines = plan.fixtures.filter(({ kind }) =>
    kind === 'theater-seats' ? theater !== 'fixed' && theater !== 'none' : kind === 'chair' && chairs === 'recliners',
  )
  const reaches = plan.fixtures.map(({ readings }) => figure(readings, 'opened') ?? figure(readings, 'asDinette'))
  const lounges = plan.fixtures.filter(({ kind }) => kind === 'convertible-lounge')
  return {
    opened: ofGeometry(plan, ['opened', reaches, ways], () =>
      openedAt(plan, ways).map(({ id, out, stopped, lost }) => ({
        name: nameOnPlan(plan, id),
        ...(lounges.some((one) => one.id === id) && { set: true as const }),
        out: Math.round(out),
        ...(stopped && { stopped: { by: nameOnPlan(plan, stopped.by), short: Math.ceil(stopped.short) } }),
        lost: namesOfLost(plan, lost, floorOf(plan, 'parked').places),
      })),
    ),
    unopened: reclines
      .filter(({ readings }) => figure(readings, 'opened') === undefined)
      .map(({ id }) => `plan.fixtures.${id}.opened`),
    unset: lounges
      .filter(({ readings }) => (figure(readings, 'atTable') ?? 0) > 0 && figure(readings, 'asDinette') === undefined)
      .map(({ id }) => `plan.fixtures.${id}.asDinette`),
  }
}

function loungesOf({ fixtures }: Trailer['plan']): Pick<SeatingFacts, 'lounges'> {
  const lounges = fixtures.filter(({ kind }) => kind === 'convertible-lounge')
  if (lounges.length === 0) return {}
  const seats = lounges.map(({ readings }) => figure(readings, 'atTable'))
  const known = seats.filter((one) => one !== undefined)
  return {
    lounges: {
      ...(known.length > 0 && { atTable: known.reduce((sum, one) => sum + one, 0) }),
      unread: lounges.filter((_, i) => seats[i] === undefined).map(({ id }) => `plan.fixtures.${id}.atTable`),
    },
  }
}

function tableReason(
  { atTable: tables, lounges, unread, unnoted }: SeatingFacts,
  { people, rules }: SeatingNeed,
): Reason {
  if (unnoted.table) return measure(says`No table is drawn: draw it, or note that there is none.`, [unnoted.table])
  if (tables === undefined) return measure(says`Count the seats at the table.`, unread)
  const atTable = tables + (lounges?.atTable ?? 0)
  if (lounges?.unread.length && atTable < people)
    return measure(
      says`Whether the lounge makes a dinette by day, and for how many, has to be looked at: ${
        tables ? says`the tables seat ${tables}` : 'there is no other table'
      }.`,
      lounges.unread,
    )
  if (atTable === 0) return tight(says`There is no table inside.`, { brief: 'no table inside' })
  const spare = atTable - people
  const margin = marginOf(spare, 'place', rules.plenty)
  const set = lounges?.atTable
    ? tables
      ? says`, ${lounges.atTable} of them at the lounge set as a dinette`
      : says`, the lounge set as a dinette`
    : ''
  const places = says`${quantity(atTable, 'place')} at the table for ${quantity(people, 'person')}${set}`
  if (spare >= 0) return fits(says`${places}.`, { margin })
  const sittings = Math.ceil(people / atTable)
  return tight(says`${places}: they eat in ${sittings} sittings.`, { margin, brief: `eat in ${sittings} sittings` })
}

/** A wall, or something that stands there, takes a chair's or the feet's room. */
function crowdedReasons({ crowded }: SeatingFacts): Reason[] {
  return crowded.map(({ name, counted, room }) =>
    note(
      says`${quantity(counted, 'place')} ${counted === 1 ? 'was' : 'were'} counted at ${name}; there is room to sit at ${
        room || 'none'
      } of them.`,
    ),
  )
}

/** A desk for each who works on the road, with power and daylight; the table serves where there is none. */
function workReason({ desks, atTable }: SeatingFacts, { workers, rules }: SeatingNeed): Reason[] {
  if (workers.length === 0) return []
  const good = desks.filter(({ outlet, window }) => outlet !== false && window <= rules.windowNear)
  const who = listed(workers)
  if (good.length >= workers.length) {
    const unread = good.slice(0, workers.length).filter(({ outlet }) => outlet === undefined)
    if (unread.length)
      return [
        measure(
          says`${who} can work at a desk by a window, if there is an outlet.`,
          unread.map(({ id }) => `plan.fixtures.${id}.outlet`),
        ),
      ]
    return [fits(says`${who} ${workers.length > 1 ? 'have' : 'has'} a desk with an outlet by a window to work at.`)]
  }
  const instead = atTable ? says`, so the table has to be cleared for it` : says`, and no table either`
  const lacking =
    desks.length === 0
      ? says`there is no desk`
      : desks.length < workers.length
        ? says`there ${desks.length === 1 ? 'is one desk' : `are ${desks.length} desks`} only`
        : says`the desk has no outlet or no window near`
  return [
    tight(says`${who} ${workers.length > 1 ? 'work' : 'works'} on the road: ${lacking}${instead}.`, {
      brief: 'no place to work',
    }),
  ]
}

/** Where those sit who are still up while the others' bed is made from the dinette. */
function madeReason({ nights }: SeatingFacts, night: AssignedNight): Reason[] {
  const stored = night.made.length ? storedFor(nights, night) : undefined
  if (!stored) return []
  if (stored.left === 0)
    return [tight(says`While the beds are made up there is nowhere left to sit.`, { brief: 'nowhere to sit at night' })]
  return [
    fits(
      says`While the beds are made up ${quantity(stored.left, 'place')} to sit ${stored.left === 1 ? 'is' : 'are'} left.`,
    ),
  ]
}

function loungeReason({ inLounge }: SeatingFacts): Reason[] {
  return inLounge ? [note(says`${quantity(inLounge, 'place')} on sofas and chairs.`)] : []
}

/**
 * Whoever lies back, or sits at a lounge set as a dinette, keeps the others from passing: the seat is put back for it; what
 * stands in its way stays there.
 */
function openedReasons({ opened, unopened, unset }: SeatingFacts): Reason[] {
  const unread = says`How far the seats that recline come out into the room, nobody has measured.`
  const unreadSet = says`How far the lounge comes out into the room, set as a dinette, nobody has measured.`
  return [
    ...opened.flatMap(({ stopped, ...one }) => (stopped ? [note(stoppedWords(one, stopped))] : [])),
    ...opened
      .filter(({ lost }) => lost.length > 0)
      .map(({ name, set, out, lost }) => {
        const back = set
          ? says`While ${name} is set as a dinette, ${inches(out)} out into the room`
          : says`While somebody lies back in ${name}, ${inches(out)} out into the room`
        return note(says`${back}, nobody gets past to ${listed(lost)}.`)
      }),
    ...(unopened.length ? [note(unread, { missing: unopened })] : []),
    ...(unset.length ? [note(unreadSet, { missing: unset })] : []),
  ]
}

function stoppedWords(
  { name, set }: { name: string; set?: true },
  { by, short }: { by: string; short: number },
): Phrase {
  if (set) {
    const where = says`${by} stands where it would come, ${inches(short)} short`
    return says`${capital(name)} cannot be set as a dinette all the way: ${where}.`
  }
  const opens = name.endsWith('s') ? 'do not open all the way' : 'does not open all the way'
  return says`${capital(name)} ${opens}: ${by} stands where the footrest comes, ${inches(short)} short.`
}

/** Worth knowing, and nothing that decides: what is not seen from bed is seen from a seat. */
function bedReason({ fromBed }: SeatingFacts, { rules }: SeatingNeed): Reason[] {
  if (!fromBed) return []
  const { name, sight } = fromBed
  if (!sight) return [note(says`No TV is seen from ${name}.`)]
  if (sight.slant > rules.slant) return [note(says`From ${name} the TV is seen from aside only.`)]
  return [
    note(
      sight.turn <= rules.turn
        ? says`From ${name} the TV is seen without turning the neck.`
        : says`From ${name} the TV is seen with the head turned.`,
    ),
  ]
}

function tvReason({ tvs, sights, seats, unnoted }: SeatingFacts, { people, tv, rules }: SeatingNeed): Reason[] {
  if (tvs === 0 && (tv || unnoted.any.length)) return lookedReason(tv, false, 'a TV all can face', unnoted.any)
  if (tvs === 0) return [note(says`There is no TV.`)]
  const good = sights.filter(({ turn, slant }) => turn <= rules.turn && slant <= rules.slant).length
  const words =
    good === 0
      ? says`No seat faces the TV without turning the neck`
      : says`${good} of ${seats} ${seats === 1 ? 'seat' : 'seats'} ${good === 1 ? 'faces' : 'face'} the TV without turning the neck`
  if (tv && tv !== 'avoid' && good < people)
    return [
      reason(
        tv === 'must' ? 'no' : 'tight',
        says`${words}; they are ${people} and ${tv === 'must' ? 'must have' : 'would like'} a TV all can face.`,
        { brief: `${good} of ${people} face the TV` },
      ),
    ]
  if (tv) return stanceReason(tv, good >= people, 'a TV all can face')
  return [note(says`${words}.`)]
}
