import { NotAFigure } from '../quantity/parse'
import { typedReading } from '../readings/typed'
import { withNoted } from '../trailer/equipment'
import { thingAt, withoutReading, withReading } from '../trailer/things'
import type { Trailer } from '../trailer/trailer'
import type { WalkEvent } from './event'

/** The unit as it will be once what was noted on the device has arrived: so one sees what one noted, also without a line. */
export function withNotes(trailer: Trailer, waiting: readonly WalkEvent[], by: string): Trailer {
  return waiting
    .filter(({ stock }) => stock === trailer.stock)
    .reduce((now, { at, what }) => {
      const seen = { on: at.slice(0, 10), by }
      if (what.kind === 'thing') return withNoted(now, what.thing, what.there, { source: 'measured', ...seen })
      if (what.kind === 'taken back') return withoutReading(now, what.key, by) ?? now
      if (what.kind !== 'reading') return now
      const found = thingAt(now, what.key)
      if (!found) return now
      try {
        const reading = { value: typedReading(found.spec, what.text), source: what.source, ...seen }
        // It may have arrived meanwhile.
        const there = found.thing.readings?.[found.reading]?.some(
          ({ value, source, on }) => value === reading.value && source === reading.source && on === reading.on,
        )
        return there ? now : (withReading(now, what.key, reading) ?? now)
      } catch (failure) {
        if (failure instanceof NotAFigure) return now
        throw failure
      }
    }, trailer)
}
