import type { Plan } from '../plan/plan'
import { TRAILER_FORMAT, TRAILER_VERSION, type Layout, type Trailer } from '../trailer/trailer'

/** What is known of a unit when it rolls onto the lot. Inches. */
export interface Arrival {
  stock: string
  make: string
  model: string
  year: number
  condition: 'new' | 'used'
  layout: Layout
  length: number
  width: number
}

/** Usual thickness of an outer wall, of the tongue and the bumper (common practice); to be corrected on the plan. */
const USUAL = { wall: 2, tongue: 42, bumper: 8 }

/** A unit of which only that is known: an empty box to draw in, and nothing read yet. */
export function newTrailer({ length, width, ...identity }: Arrival): Trailer {
  return {
    format: TRAILER_FORMAT,
    version: TRAILER_VERSION,
    ...identity,
    readings: {},
    equipment: [],
    plan: emptyBox(length, width),
  }
}

export function emptyBox(length: number, width: number): Plan {
  const { wall } = USUAL
  const room = {
    id: 'living',
    name: 'Living',
    kind: 'living',
    shape: { rect: [wall, wall, length - 2 * wall, width - 2 * wall] },
    closedBy: 'nothing',
  } as Plan['rooms'][number]
  return {
    box: { length, width, ...USUAL },
    rooms: [room],
    walls: [],
    doors: [],
    windows: [],
    slides: [],
    canvasEnds: [],
    fixtures: [],
    berths: [],
    conversions: [],
    outside: [],
    compartments: [],
  }
}
