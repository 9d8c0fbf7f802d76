import { loadingFacts, type LoadingFacts } from '../../loading/facts'
import { knownProduct } from '../../quantity/sum'
import { figure } from '../../readings/reading'
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
  counts: { axles?: number; tires?: number }
  unread: { axles: string[]; tires: string[] }
  /** What the receiver behind it carries. */
  rearReceiver?: number
  coupler?: number
  /** The ball it takes, inches. */
  ball?: number
  /** What it weighs empty, and where on it things ride. */
  loading: LoadingFacts
}

export function towFacts(trailer: Trailer): TowFacts {
  const of = (key: Parameters<typeof trailerFigure>[1]) => trailerFigure(trailer, key)
  const unread = (...keys: Parameters<typeof of>[0][]) =>
    keys.filter((key) => of(key) === undefined).map((key) => `readings.${key}`)
  return {
    uvw: of('uvw'),
    gvwr: of('gvwr'),
    hitchWeight: of('hitchWeight'),
    cargo: of('cargoCapacity'),
    axles: knownProduct(of('axleRating'), of('axles')),
    tires: knownProduct(of('tireRating'), of('tires')),
    counts: { axles: of('axles'), tires: of('tires') },
    unread: { axles: unread('axleRating', 'axles'), tires: unread('tireRating', 'tires') },
    rearReceiver:
      of('rearReceiverRating') ??
      figure(trailer.plan.outside.find(({ kind }) => kind === 'receiver')?.readings, 'rating'),
    coupler: of('couplerRating'),
    ball: of('couplerBall'),
    loading: loadingFacts(trailer),
  }
}
