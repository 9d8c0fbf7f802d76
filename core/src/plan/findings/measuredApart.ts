import { says, type Phrase } from '../../quantity/phrase'
import { inches } from '../../quantity/quantity'
import { figure } from '../../readings/reading'
import { toiletRoom } from '../living/elbow'
import { facesOf, TOWARDS } from '../facing'
import { capital, nameOnPlan, small } from '../naming'
import type { Plan } from '../plan'
import { bounds, middleOf, type Point, type Shape } from '../shape/shape'
import { withId } from '../withId'

/** Something that was measured, and is drawn otherwise. Inches. */
export interface MeasuredApart {
  list: 'fixtures' | 'berths' | 'outside'
  id: string
  /** The reading: `room`, `length`. */
  reading: string
  measured: number
  drawn: number
  says: Phrase
  at: Point
}

/** A tape and a drawing agree within this, inches. */
const AGREE = 1
/** A screen has a rim, and screens are drawn about as wide as they are, inches. */
const RIM = 4
/** A mattress may be this much less than its platform, and a door than its frame, inches (common practice). */
const LESS = { mattress: 6, door: 4 }

/**
 * What was measured and is drawn otherwise: the room at a toilet, showers and tubs inside, mattresses that do not fit on
 * what is drawn for them, doors to bays. The measured figure counts; the drawing has to be put right.
 */
export function measuredApart(plan: Plan): MeasuredApart[] {
  return [...toilets(plan), ...stalls(plan), ...mattresses(plan), ...screens(plan), ...bayDoors(plan)]
}

function toilets(plan: Plan): MeasuredApart[] {
  return toiletRoom(plan).flatMap(({ id, wide }) => {
    const one = withId(plan.fixtures, id)
    const measured = figure(one.readings, 'room')
    if (measured === undefined || Math.abs(measured - wide) <= AGREE) return []
    const drawn = Math.round(8 * wide) / 8
    const words = says`Wall to wall at ${nameOnPlan(plan, id)} was measured ${inches(measured)}; drawn it is ${inches(drawn)}.`
    return [{ list: 'fixtures', id, reading: 'room', measured, drawn, says: words, at: middleOf(one.shape) }]
  })
}

/** Longer and shorter side inside: which of them lies along the trailer is the drawing's to say. */
function stalls(plan: Plan): MeasuredApart[] {
  return plan.fixtures
    .filter(({ kind, shape }) => (kind === 'shower' || kind === 'tub') && 'rect' in shape)
    .flatMap(({ id, shape, readings }) => {
      const sides = sidesOf(shape)
      const read = [figure(readings, 'length'), figure(readings, 'width')]
      // Called the other way round they are the same two sides.
      if (read[0] !== undefined && read[1] !== undefined && read[0] < read[1]) sides.reverse()
      return (['length', 'width'] as const).flatMap((reading, i): MeasuredApart[] => {
        const [measured, drawn] = [read[i], sides[i]!]
        if (measured === undefined || Math.abs(measured - drawn) <= AGREE) return []
        const what = reading === 'length' ? 'long' : 'wide'
        const words = says`${capital(nameOnPlan(plan, id))} was measured ${inches(measured)} ${what} inside; drawn it is ${inches(drawn)}.`
        return [{ list: 'fixtures', id, reading, measured, drawn, says: words, at: middleOf(shape) }]
      })
    })
}

function mattresses(plan: Plan): MeasuredApart[] {
  return plan.berths.flatMap(({ id, name, shape, head, readings }) => {
    const { x0, y0, x1, y1 } = bounds(shape)
    const lengthwise = head === 'front' || head === 'rear'
    const drawnAs = { mattressLength: lengthwise ? x1 - x0 : y1 - y0, mattressWidth: lengthwise ? y1 - y0 : x1 - x0 }
    return (['mattressLength', 'mattressWidth'] as const).flatMap((reading): MeasuredApart[] => {
      const measured = figure(readings, reading)
      const drawn = drawnAs[reading]
      if (measured === undefined || (measured <= drawn + AGREE && measured >= drawn - LESS.mattress)) return []
      const what = reading === 'mattressLength' ? 'long' : 'wide'
      const words = says`The mattress of the ${small(name)} was measured ${inches(measured)} ${what}; drawn it is ${inches(drawn)}.`
      return [{ list: 'berths', id, reading, measured, drawn, says: words, at: middleOf(shape) }]
    })
  })
}

/** A screen is told by its diagonal: of 16 to 9 its width is 16 of the root of 16 squared and 9 squared. */
function screens(plan: Plan): MeasuredApart[] {
  return plan.fixtures
    .filter(({ kind }) => kind === 'tv')
    .flatMap((tv): MeasuredApart[] => {
      const diagonal = figure(tv.readings, 'diagonal')
      const { x0, y0, x1, y1 } = bounds(tv.shape)
      const drawn = TOWARDS[facesOf(plan, tv)][0] ? y1 - y0 : x1 - x0
      if (diagonal === undefined) return []
      const measured = Math.round((diagonal * 16) / Math.hypot(16, 9))
      if (Math.abs(measured - drawn) <= RIM) return []
      const words = says`A TV of ${inches(diagonal)} is about ${inches(measured)} wide; drawn it is ${inches(drawn)}.`
      return [
        { list: 'fixtures', id: tv.id, reading: 'diagonal', measured, drawn, says: words, at: middleOf(tv.shape) },
      ]
    })
}

function bayDoors(plan: Plan): MeasuredApart[] {
  return plan.outside.flatMap(({ id, wall, start, length, readings }): MeasuredApart[] => {
    const measured = figure(readings, 'doorWidth')
    if (measured === undefined || (measured <= length + AGREE && measured >= length - LESS.door)) return []
    const { box } = plan
    const middle = start + length / 2
    const at: Point = {
      door: [middle, box.width] as Point,
      'off-door': [middle, 0] as Point,
      front: [0, middle] as Point,
      rear: [box.length, middle] as Point,
    }[wall]
    const words = says`${capital(nameOnPlan(plan, id))} was measured ${inches(measured)} wide; drawn it is ${inches(length)}.`
    return [{ list: 'outside', id, reading: 'doorWidth', measured, drawn: length, says: words, at }]
  })
}

/** The longer side first. */
function sidesOf(shape: Shape): [number, number] {
  const { x0, y0, x1, y1 } = bounds(shape)
  const [a, b] = [x1 - x0, y1 - y0]
  return a >= b ? [a, b] : [b, a]
}
