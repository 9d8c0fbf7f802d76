import type { FixtureKind, RackPlace } from '../readings/catalogue'
import { best, figure, word } from '../readings/reading'
import { bounds, type Shape } from '../plan/shape/shape'
import { knownProduct, knownSum } from '../quantity/sum'
import { equipmentOf } from '../trailer/equipment'
import { trailerFigure, type Trailer } from '../trailer/trailer'

/** What an empty trailer weighs, and where on it things ride. Pounds, and inches from the front wall; absent: not read. */
export interface LoadingFacts {
  uvw?: number
  hitchWeight?: number
  /** Coupler to the front wall, the box from there, and where the middle between the axles is. */
  coupler: number
  box: number
  bumper: number
  axle?: number
  /** By kind; undefined when nobody looked for any. */
  tanks: Record<TankKind, Tank[] | undefined>
  /** Fitted after the label was made, and not on the scale when the trailer was weighed. */
  added: { id: string; name: string; pounds?: number; at?: number }[]
  /** What was fitted, and is in a UVW that somebody weighed: the cargo label knows nothing of it. Pounds. */
  weighedSince: number
  /** Undefined when nobody looked for any. */
  racks?: Rack[]
  /** In full cylinders. Makers' UVW leaves it out (common practice). */
  propane?: number
  /** Whether anybody noted a fresh tank and cylinders, or that there are none. */
  lookedFor: { fresh: boolean; propane: boolean }
  /** The middle of the floor; of the places for food and clothes and of the beds, where there are any. */
  places: { middle: number; food: number; clothes: number; beds: number }
}

export const TANK_KINDS = ['fresh-tank', 'gray-tank', 'galley-tank', 'black-tank'] as const
export type TankKind = (typeof TANK_KINDS)[number]

export interface Tank {
  id: string
  gallons?: number
  /** The middle of it. */
  at?: number
}

/** A rack that the trailer has. */
export interface Rack {
  id: string
  name: string
  place?: RackPlace
  /** Pounds. */
  carries?: number
  /** The middle of it. */
  at?: number
}

const FOOD: readonly FixtureKind[] = ['pantry', 'fridge']
const CLOTHES: readonly FixtureKind[] = ['wardrobe']

export function loadingFacts(trailer: Trailer): LoadingFacts {
  const { plan } = trailer
  const cylinders = equipmentOf(trailer, 'lp-cylinder')
  const middle = plan.box.length / 2
  const middleOf = (things: readonly { shape: Shape }[]): number => {
    const at = things.map(({ shape }) => alongOf(shape))
    return at.length ? at.reduce((sum, one) => sum + one, 0) / at.length : middle
  }
  const of = (kinds: readonly FixtureKind[]) => plan.fixtures.filter(({ kind }) => kinds.includes(kind))
  const tanksOf = (kind: TankKind): Tank[] | undefined =>
    equipmentOf(trailer, kind)?.map(({ id, readings }) => ({
      id,
      gallons: figure(readings, 'capacity'),
      at: figure(readings, 'at'),
    }))
  return {
    uvw: trailerFigure(trailer, 'uvw'),
    hitchWeight: trailerFigure(trailer, 'hitchWeight'),
    coupler: plan.box.tongue,
    box: plan.box.length,
    bumper: plan.box.bumper,
    axle: trailerFigure(trailer, 'axleCenter'),
    tanks: {
      'fresh-tank': tanksOf('fresh-tank'),
      'gray-tank': tanksOf('gray-tank'),
      'galley-tank': tanksOf('galley-tank'),
      'black-tank': tanksOf('black-tank'),
    },
    ...addedTo(trailer),
    racks: equipmentOf(trailer, 'rack')?.map(({ id, name, readings }) => {
      const place = word(readings, 'place') as RackPlace | undefined
      return {
        id,
        name: name ?? (place ? RACK_NAMES[place] : 'Rack'),
        place,
        carries: figure(readings, 'carries'),
        at: figure(readings, 'at'),
      }
    }),
    propane:
      cylinders &&
      knownSum(cylinders.map(({ readings }) => knownProduct(figure(readings, 'size'), figure(readings, 'count')))),
    lookedFor: { fresh: equipmentOf(trailer, 'fresh-tank') !== undefined, propane: cylinders !== undefined },
    places: {
      middle,
      food: middleOf(of(FOOD)),
      clothes: middleOf(of(CLOTHES)),
      beds: middleOf(plan.berths.filter(({ conversion }) => !conversion)),
    },
  }
}

const RACK_NAMES: Record<RackPlace, string> = {
  'rear receiver': 'Rear rack',
  'folding, rear': 'Folding rear rack',
  tongue: 'Tongue rack',
  roof: 'Roof rack',
}

/** A UVW off the label is of the trailer as it was built; one off a scale holds what was fitted by then. */
function addedTo(trailer: Trailer): Pick<LoadingFacts, 'added' | 'weighedSince'> {
  const uvw = best(trailer.readings['uvw'])
  const all = (equipmentOf(trailer, 'added') ?? []).map(({ id, name, readings }) => ({
    id,
    name: word(readings, 'what') ?? name ?? 'What was fitted',
    pounds: figure(readings, 'weight'),
    at: figure(readings, 'at'),
    weighed: uvw?.source === 'measured' && (best(readings?.['weight'])?.on ?? '') <= (uvw.on ?? ''),
  }))
  return {
    added: all.filter(({ weighed }) => !weighed).map(({ weighed: _weighed, ...rest }) => rest),
    weighedSince: all.reduce((sum, { weighed, pounds = 0 }) => sum + (weighed ? pounds : 0), 0),
  }
}

function alongOf(shape: Shape): number {
  const { x0, x1 } = bounds(shape)
  return (x0 + x1) / 2
}

/** What tanks of a kind hold together, gallons; undefined when any is not known, or nobody looked for one. */
export function gallonsOf({ tanks }: Pick<LoadingFacts, 'tanks'>, kind: TankKind): number | undefined {
  return tanks[kind] && knownSum(tanks[kind].map(({ gallons }) => gallons))
}
