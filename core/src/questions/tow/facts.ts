import { knownProduct, knownSum } from '../../quantity/sum'
import { figure } from '../../readings/reading'
import { equipmentOf } from '../../trailer/equipment'
import { trailerFigure, type Trailer } from '../../trailer/trailer'

/** Pounds; absent: not read. */
export interface TowFacts {
  uvw?: number
  gvwr?: number
  hitchWeight?: number
  /** What the cargo label lets it carry. */
  cargo?: number
  /** All axles together, all tires together; and the readings still to be taken for each. */
  axles?: number
  tires?: number
  unread: { axles: string[]; tires: string[] }
  coupler?: number
  /** The ball it takes, inches. */
  ball?: number
  /** Fresh water, gallons, all tanks; undefined when any is not known, or nobody looked for a tank. */
  freshGallons?: number
  /** Propane in full cylinders; undefined likewise. Makers' UVW leaves it out (common practice). */
  propane?: number
  /** Whether anybody noted a fresh tank and cylinders, or that there are none. */
  lookedFor: { fresh: boolean; propane: boolean }
  /** Coupler to the front wall, and from there to the middle between the axles where read; inches. */
  couplerToWall: number
  axle?: number
}

export function towFacts(trailer: Trailer): TowFacts {
  const of = (key: Parameters<typeof trailerFigure>[1]) => trailerFigure(trailer, key)
  const unread = (...keys: Parameters<typeof of>[0][]) =>
    keys.filter((key) => of(key) === undefined).map((key) => `readings.${key}`)
  const [fresh, cylinders] = [equipmentOf(trailer, 'fresh-tank'), equipmentOf(trailer, 'lp-cylinder')]
  return {
    uvw: of('uvw'),
    gvwr: of('gvwr'),
    hitchWeight: of('hitchWeight'),
    cargo: of('cargoCapacity'),
    axles: knownProduct(of('axleRating'), of('axles')),
    tires: knownProduct(of('tireRating'), of('tires')),
    unread: { axles: unread('axleRating', 'axles'), tires: unread('tireRating', 'tires') },
    coupler: of('couplerRating'),
    ball: of('couplerBall'),
    freshGallons: fresh && knownSum(fresh.map(({ readings }) => figure(readings, 'capacity'))),
    propane:
      cylinders &&
      knownSum(cylinders.map(({ readings }) => knownProduct(figure(readings, 'size'), figure(readings, 'count')))),
    lookedFor: { fresh: fresh !== undefined, propane: cylinders !== undefined },
    couplerToWall: trailer.plan.box.tongue,
    axle: of('axleCenter'),
  }
}
