import type { Readings } from '../readings/reading'
import type { Trailer } from './trailer'

/** The trailer as it is, telling the key of every reading that is looked at, such as `plan.berths.upper.headroom`. */
export function watched(trailer: Trailer, look: (key: string) => void): Trailer {
  const telling = (path: string, readings: Readings): Readings =>
    new Proxy(readings, {
      get: (all, key) => {
        if (typeof key === 'string' && key in all) look(`${path}.${key}`)
        return Reflect.get(all, key) as unknown
      },
    })
  return withReadings(trailer, telling)
}

/** The trailer with the readings of each of its things made over. */
export function withReadings(trailer: Trailer, make: (path: string, readings: Readings) => Readings): Trailer {
  const each = <T extends { id: string; readings?: Readings }>(path: string, list: T[]): T[] =>
    list.map((one) => (one.readings ? { ...one, readings: make(`${path}.${one.id}`, one.readings) } : one))
  const { plan } = trailer
  return {
    ...trailer,
    readings: make('readings', trailer.readings),
    ...(trailer.features && { features: make('features', trailer.features) }),
    equipment: each('equipment', trailer.equipment),
    plan: {
      ...plan,
      fixtures: each('plan.fixtures', plan.fixtures),
      berths: each('plan.berths', plan.berths),
      slides: each('plan.slides', plan.slides),
      outside: each('plan.outside', plan.outside),
      compartments: each('plan.compartments', plan.compartments),
    },
  }
}
