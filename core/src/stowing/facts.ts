import type { Hold } from '../packing/piece'
import type { Compartment, Plan } from '../plan/plan'
import { bounds, meets } from '../plan/shape/shape'
import { figure } from '../readings/reading'
import { baysLooked } from '../trailer/drawn'
import type { Trailer } from '../trailer/trailer'

/** Where what they bring can ride. Inches, pounds. */
export interface StowingFacts {
  holds: HoldFact[]
  /** Whether somebody drew the compartments, or looked and found none. */
  looked: boolean
}

export interface HoldFact extends Hold {
  name: string
  place: Compartment['place']
  wet: boolean
  /** Berths and slides that take its room when they are used, or in. */
  shares: { id: string; kind: 'berth' | 'slide' }[]
  /** Middle of it from the front wall, where drawn. */
  at?: number
  /** While that is not drawn: where its middle can be, since a door of its name is in it. */
  between?: [from: number, to: number]
  limitRead: boolean
}

export const stowingFacts = (trailer: Trailer): StowingFacts => ({
  holds: trailer.plan.compartments.map((one) => holdFact(trailer.plan, one)),
  looked: baysLooked(trailer),
})

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
    ...middle(plan, id, at, size[0]),
  }
}

/**
 * Where it lies along the trailer: as drawn, or else about the door of its name in the outer wall. The floor of a cargo
 * room of its name carries what is tied down between the tie-downs, or in its middle while it has none.
 */
function middle(plan: Plan, id: string, at: number | undefined, long: number): Pick<HoldFact, 'at' | 'between'> {
  if (at !== undefined) return { at }
  const room = plan.rooms.find((one) => one.kind === 'cargo' && id.startsWith(`${one.id}-`))
  if (room) {
    const ties = plan.fixtures.filter(
      ({ kind, shape }) => kind === 'tie-downs' && meets(bounds(shape), bounds(room.shape)),
    )
    const ends = (ties.length ? ties : [room]).map(({ shape }) => bounds(shape))
    return { at: (Math.min(...ends.map(({ x0 }) => x0)) + Math.max(...ends.map(({ x1 }) => x1))) / 2 }
  }
  const door = plan.outside.find((one) => one.id === id || one.id.startsWith(`${id}-`))
  if (!door || (door.wall !== 'door' && door.wall !== 'off-door')) return {}
  const [from, to] = [door.start + door.length - long / 2, door.start + long / 2]
  return { between: from <= to ? [Math.max(0, from), Math.min(plan.box.length, to)] : [to, from] }
}
