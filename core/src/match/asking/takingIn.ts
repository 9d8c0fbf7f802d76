import type { Seen, Station } from '../../walk/station'
import type { ToMeasure } from './tapeList'

/** A thing at a station that nobody has looked at, and how many open households wait for it. */
export interface ToTake extends Seen {
  households: string[]
}

type Waits = readonly Pick<ToMeasure, 'key' | 'households'>[]

/** The stations without what matters in few places only and nobody waits for or has read. */
export function asked(stations: readonly Station[], waits: Waits): Station[] {
  const waiting = new Set(waits.map(({ key }) => key))
  return stations.map((station) => ({
    ...station,
    things: station.things.filter(
      ({ key, spec, reading }) => !spec?.ifWaited || reading !== undefined || waiting.has(key),
    ),
  }))
}

/** What is open at a station, each part in the order of the way: what open households wait for, and the rest. */
export function toTake({ things }: Pick<Station, 'things'>, list: Waits): { waited: ToTake[]; rest: Seen[] } {
  const waiting = new Map(list.map(({ key, households }) => [key, households]))
  const open = things.filter(({ reading }) => reading === undefined)
  const waited = open.flatMap((one): ToTake[] => {
    const households = waiting.get(one.key) ?? []
    return households.length ? [{ ...one, households }] : []
  })
  const keys = new Set(waited.map(({ key }) => key))
  return { waited, rest: open.filter(({ key }) => !keys.has(key)) }
}
