import { FEATURES } from '../features/catalogue'
import type { Flaw } from '../flaws/flaw'
import { COMPARTMENT_READS, SLIDE_READS } from '../plan/plan'
import {
  BERTH_KINDS,
  BERTH_READS,
  DOOR_KINDS,
  EQUIPMENT_KINDS,
  FIXTURE_KINDS,
  OUTSIDE_KINDS,
  TRAILER_READS,
} from '../readings/catalogue'
import type { ReadingSpecs } from '../readings/reading'
import { VEHICLE_READS } from '../readings/vehicleReads'

/** One of a list, where it has no name of its own, and the names of its kinds. */
const LISTS: Record<string, { one: string; kinds?: Record<string, { name: string }> }> = {
  berths: { one: 'bed', kinds: BERTH_KINDS },
  fixtures: { one: 'thing inside', kinds: FIXTURE_KINDS },
  outside: { one: 'thing outside', kinds: OUTSIDE_KINDS },
  equipment: { one: 'piece of equipment', kinds: EQUIPMENT_KINDS },
  doors: { one: 'door', kinds: DOOR_KINDS },
  rooms: { one: 'room' },
  walls: { one: 'inside wall' },
  windows: { one: 'window' },
  slides: { one: 'slide' },
  canvasEnds: { one: 'canvas end' },
  conversions: { one: 'bed made of seats' },
  compartments: { one: 'bay' },
  absent: { one: 'thing that is not there' },
  people: { one: 'person' },
  pets: { one: 'pet' },
  gear: { one: 'piece of gear' },
  wishes: { one: 'wish' },
}

/** What a reading is called wherever it is read; of two that share a key the first. */
const READINGS = new Map<string, string>(
  [
    FEATURES,
    COMPARTMENT_READS,
    SLIDE_READS,
    BERTH_READS,
    ...[OUTSIDE_KINDS, EQUIPMENT_KINDS, FIXTURE_KINDS].flatMap((kinds) =>
      Object.values(kinds as Record<string, { reads: ReadingSpecs }>).map(({ reads }) => reads),
    ),
    VEHICLE_READS,
    TRAILER_READS,
  ].flatMap((specs: ReadingSpecs) => Object.entries(specs).map(([key, { label }]) => [key, label] as const)),
)

/** Said by what stands in it, not by itself. */
const UNSAID = new Set(['plan', 'readings', 'features', 'value'])
/** Keys whose own words say less than these. */
const WORDS: Record<string, string> = { box: 'the box', vin: 'VIN', id: 'its id', sure: 'what was questioned' }

/**
 * A place in a document as people call it: `plan.berths[1].readings.mattressLength[0].value` of a trailer is `Upper bunk:
 * mattress length`, `people[2].height` of a household is `Ro: height`. `document` may be wrong in whatever way.
 */
export function placeWords(path: string, document: unknown): string {
  const keys = path.split(/[.[\]]+/).filter(Boolean)
  const words: string[] = []
  let value = document
  for (const [i, key] of keys.entries()) {
    const [before, list] = [keys[i - 1], Array.isArray(value)]
    value = own(value, key)
    if (list) {
      const one = held(LISTS, before ?? '')
      // Of several readings of one thing nobody counts which.
      if (one) words.push(nameOf(value, one.kinds) ?? `${capital(one.one)} ${Number(key) + 1}`)
      else if (!isReading(keys, i - 1)) words.push(String(Number(key) + 1))
    } else if (!UNSAID.has(key) && !(held(LISTS, key) && i < keys.length - 1))
      words.push(isReading(keys, i) ? (READINGS.get(key) ?? spaced(key)) : (held(WORDS, key) ?? spaced(key)))
  }
  const [thing, ...rest] = words
  if (thing === undefined) return keys.length ? `The ${spaced(keys.at(-1)!)}` : 'The document'
  return rest.length ? `${capital(thing)}: ${rest.map(small).join(', ')}` : capital(thing)
}

/** A flaw as it is told on a screen: the thing, what stands there, what would be right. */
export function flawWords({ path, found, expected: given }: Flaw, document: unknown): string {
  const place = placeWords(path, document)
  // What the machine stumbled over in it helps nobody who dropped a file.
  const expected = given
    .replace(/^JSON \(.*\)$/s, 'a trailer.json or household.json, whole, as it was taken out')
    // Nobody reads a hundred names.
    .replace(/^(one of (?:the keys )?(?:[^,]+, ){11}[^,]+), [^,]+,.*$/s, '$1 and the others of docs/formats')
  if (found === undefined) return `${place} is missing${expected === 'a value' ? '' : `; right would be ${expected}`}`
  // What is not a figure or a word is not read out.
  const stands = /^[[{]/.test(found) ? 'what stands there' : found.replace(/^"(.*)"$/, '“$1”')
  return `${place}: found ${stands}; right would be ${expected}`
}

const isReading = (keys: readonly string[], i: number): boolean =>
  keys[i - 1] === 'readings' || keys[i - 1] === 'features'

/** Of a table of ours: people's keys may be called `constructor`. */
const held = <T>(table: Record<string, T>, key: string): T | undefined =>
  Object.hasOwn(table, key) ? table[key] : undefined

function own(value: unknown, key: string): unknown {
  return typeof value === 'object' && value !== null && Object.hasOwn(value, key)
    ? (value as Record<string, unknown>)[key]
    : undefined
}

function nameOf(one: unknown, kinds: Record<string, { name: string }> | undefined): string | undefined {
  const [name, kind] = [own(one, 'name'), own(one, 'kind')]
  if (typeof name === 'string' && name.trim()) return name.trim().slice(0, 40)
  return kinds && typeof kind === 'string' && Object.hasOwn(kinds, kind) ? kinds[kind]!.name : undefined
}

/** `mattressLength` is `mattress length`. */
const spaced = (key: string): string =>
  key
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .slice(0, 40)
const capital = (text: string): string => text.replace(/^[a-z]/, (letter) => letter.toUpperCase())
/** `Weight limit` after another word; `GVWR` as it is. */
const small = (text: string): string => text.replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase())
