import { NotAFigure } from '../quantity/parse'
import { typedReading } from '../readings/typed'
import { withNoted } from '../trailer/equipment'
import { thingAt, withReading } from '../trailer/things'
import type { Trailer } from '../trailer/trailer'
import type { WalkEvent } from './event'

/** The unit as it will be once what waits on the device has arrived: so one sees what one noted, also without a line. */
export function withNotes(trailer: Trailer, waiting: readonly WalkEvent[], by: string): Trailer {
  return waiting
    .filter(({ stock }) => stock === trailer.stock)
    .reduce((now, { at, what }) => {
      const seen = { on: at.slice(0, 10), by }
      if (what.kind === 'thing') return withNoted(now, what.thing, what.there, { source: 'measured', ...seen })
      if (what.kind !== 'reading') return now
      const spec = thingAt(now, what.key)?.spec
      if (!spec) return now
      try {
        return withReading(now, what.key, { value: typedReading(spec, what.text), source: what.source, ...seen }) ?? now
      } catch (failure) {
        if (failure instanceof NotAFigure) return now
        throw failure
      }
    }, trailer)
}
