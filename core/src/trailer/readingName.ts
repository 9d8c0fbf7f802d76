import { EQUIPMENT_KINDS } from '../readings/catalogue'
import type { ReadingSpec, ReadingSpecs } from '../readings/reading'
import { DRAWN_PARTS, ESSENTIALS, NOTABLE, TO_DRAW, toNote } from './drawn'
import { capital, nameOnPlan } from '../plan/naming'
import { thingAt, type Thing } from './things'
import type { Trailer } from './trailer'

/**
 * A reading's key in words: `plan.berths.upper.weightLimit` on a trailer is `Upper bunk: weight limit`. A key
 * that leads nowhere is said as it is.
 */
export function readingName(trailer: Trailer, key: string): string {
  const found = thingAt(trailer, key)
  if (found) return nameIn(found.thing, found.spec)
  const part = DRAWN_PARTS.find((one) => TO_DRAW[one].key === key)
  if (part) return part === 'inside' ? 'The inside: draw it' : 'The berths: draw them'
  if (key === 'plan.compartments') return 'Bays: draw them, or say that there are none'
  const noted = NOTABLE.find((one) => toNote(one) === key)
  if (noted === 'conversion') return 'Beds made of seats: draw them, or say that none are'
  if (noted === 'outside') return 'The outside: draw it, or say that there is nothing'
  if (noted) return `${ESSENTIALS[noted].name}: draw it, or say that there is none`
  const bay = trailer.plan.compartments.find(({ id }) => key === `plan.compartments.${id}.at`)
  if (bay) return of(bay.name, 'Where it is along the trailer')
  const door = trailer.plan.doors.find(({ id }) => key === `plan.doors.${id}.hinge`)
  if (door) return of(capital(nameOnPlan(trailer.plan, door.id).replace(/^the /, '')), 'How it is hung')
  // Equipment that nobody has noted at all is still to be looked for.
  const [first, kind, reading] = key.split('.')
  if (first !== 'equipment' || !kind || !(kind in EQUIPMENT_KINDS)) return key
  const spec = EQUIPMENT_KINDS[kind as keyof typeof EQUIPMENT_KINDS]
  return of(spec.name, reading ? (spec.reads as ReadingSpecs)[reading]?.label : 'Is there one')
}

/** The same of a reading that is at hand. */
export const nameIn = ({ id, name }: Pick<Thing, 'id' | 'name'>, { label }: ReadingSpec): string =>
  id === undefined ? label : of(name, label)

const of = (thing: string, what: string | undefined): string =>
  `${thing}: ${(what ?? 'reading').replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())}`
