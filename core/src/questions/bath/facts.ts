import { bathsOf, sinkOutside, type Bath } from '../../plan/living/baths'
import { ofGeometry } from '../../plan/geometry'
import { showerCircle, toiletRoom, vanityRoom } from '../../plan/living/elbow'
import { shuttingAt } from '../../plan/living/shutting'
import { floorOf } from '../../plan/ways/reach'
import { standingOpenWords } from '../../plan/findings/clashWords'
import { shutWhileOpen } from '../../plan/ways/standingOpen'
import type { Phrase } from '../../quantity/phrase'
import { stepInsAt } from '../../plan/living/stepIn'
import { toldWidth } from '../../plan/floor/toldWidth'
import { nameOnPlan, roomWord } from '../../plan/naming'
import { suitesAt } from '../../plan/ways/suites'
import type { WayRules } from '../../plan/wayRules'
import { figure } from '../../readings/reading'
import { toNote, unexplained } from '../../trailer/drawn'
import type { Trailer } from '../../trailer/trailer'
import { withId } from '../../plan/withId'

export interface BathFacts {
  baths: Bath[]
  sinkOutside: boolean
  toilets: number
  /** Readings that tell of a toilet or shower that is neither drawn nor noted as not there. */
  unnoted: { toilet?: string; shower?: string; any: string[] }
  tubs: number
  wet: boolean
  /** Places to shower inside, with headroom where read, the circle one turns in, and how wide the opening to step in is. */
  showers: { id: string; name: string; headroom?: number; turn: number; step: number }[]
  /** Beds that shut off together with a toilet from all others, and the doors that do it. */
  suites: { room: string; doors: string[] }[]
  /** At each toilet: wall to wall across the seat, as measured or else by the plan, and what is free for the knees. */
  seats: { id: string; wide: number; measured: boolean; knees: number }[]
  /** In front of each bath sink, to stand at it. */
  basins: number[]
  /** Baths whose door opens into them: how wide one may be and still shut it past oneself. */
  shutting: { name: string; wide: number }[]
  /** Bedroom doors that keep everybody from a toilet or a shower while they stand open, in words. */
  leftOpen: Phrase[]
}

export function bathFacts(trailer: Trailer, ways: WayRules): BathFacts {
  const { plan } = trailer
  const { fixtures } = plan
  const unnoted = unexplained(trailer)
  const circles = new Map(showerCircle(plan).map(({ id, across }) => [id, across]))
  // Both walk on the floor, and follow from the drawing alone: the tape list asks for every reading anew.
  const use = ofGeometry(plan, ['bath use'], () => ({ steps: stepInsAt(plan), shutting: shuttingAt(plan) }))
  const steps = new Map(use.steps.map(({ id, wide }) => [id, wide]))
  const ofKind = (...kinds: string[]) => fixtures.filter(({ kind }) => kinds.includes(kind))
  return {
    baths: bathsOf(plan),
    sinkOutside: sinkOutside(plan),
    toilets: ofKind('toilet', 'wet-bath').length,
    unnoted: {
      ...(unnoted.includes('toilet') && { toilet: toNote('toilet') }),
      ...(unnoted.includes('shower') && { shower: toNote('shower') }),
      any: unnoted.map(toNote),
    },
    tubs: ofKind('tub').length,
    wet: ofKind('wet-bath').length > 0,
    showers: ofKind('shower', 'tub', 'wet-bath').map(({ id, kind, readings }) => ({
      id,
      name: kind === 'tub' ? 'tub' : kind === 'wet-bath' ? 'wet bath' : 'shower',
      headroom: figure(readings, 'headroom'),
      turn: toldWidth(Math.min(circles.get(id)!, ...insideOf(readings))),
      step: steps.get(id)!,
    })),
    shutting: use.shutting.map(({ room, wide }) => ({
      name: withId(plan.rooms, room).name,
      wide,
    })),
    leftOpen: ofGeometry(plan, ['bath left open', ways], () => {
      const parked = floorOf(plan, 'parked')
      return shutWhileOpen(parked, [], ways)
        .map((one) => ({ ...one, lost: one.lost.filter(({ use }) => use === 'toilet' || use === 'shower') }))
        .filter(({ ofBedroom, lost }) => ofBedroom && lost.length > 0)
        .map((one) => standingOpenWords(plan, one, parked.places))
    }),
    suites: ofGeometry(plan, ['suites', ways], () => suitesOf(plan, ways)),
    basins: vanityRoom(plan).map(({ deep }) => Math.round(deep)),
    seats: toiletRoom(plan).map(({ id, wide, deep }) => {
      const measured = figure(withId(fixtures, id).readings, 'room')
      return { id, wide: measured ?? toldWidth(wide), measured: measured !== undefined, knees: toldWidth(deep) }
    }),
  }
}

function suitesOf(plan: Trailer['plan'], ways: WayRules): BathFacts['suites'] {
  const found = suitesAt(plan, ways).map(({ berth, shut }) => {
    const { room } = withId(plan.berths, berth)
    return {
      room: roomWord(plan.rooms.find(({ id }) => id === room)?.name ?? 'bedroom'),
      doors: shut.map((id) => nameOnPlan(plan, id)),
    }
  })
  return found.filter((one, i) => found.findIndex(({ room }) => room === one.room) === i)
}

/** The inside of a stall as it was measured: nobody turns in a circle wider than either side. */
const insideOf = (readings: Parameters<typeof figure>[0]): number[] =>
  (['length', 'width'] as const).flatMap((side) => figure(readings, side) ?? [])
