import { small } from '../../core/src/plan/naming'
import { ALL } from '../../core/src/questions/index'
import { EQUIPMENT_KINDS, FIXTURE_KINDS } from '../../core/src/readings/catalogue'
import { plainName } from '../../core/src/stowing/stowed'
import type { Said } from './said'

/** Sentences that differ in names and figures only, and one of them as it is said. */
export interface Kind {
  where: string
  verdict: string
  pattern: string
  example: string
  count: number
}

export function kindsOf(all: readonly Said[]): Kind[] {
  const kinds = new Map<string, Kind>()
  for (const said of all)
    for (const text of parts(said.text)) {
      const pattern = patternOf(text, said)
      const key = [said.where, said.verdict, pattern].join('\n')
      const known = kinds.get(key)
      if (known) known.count += 1
      else kinds.set(key, { where: said.where, verdict: said.verdict, pattern, example: text, count: 1 })
    }
  return [...kinds.values()].sort(
    (a, b) => order(a.where, b.where) || order(a.verdict, b.verdict) || order(a.pattern, b.pattern),
  )
}

const order = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** Sentence by sentence; of one that is a list, each of its parts. */
const parts = (text: string): string[] =>
  text.split(/(?<=[a-z)%]\.) (?=[A-Z])/).flatMap((sentence) =>
    sentence
      .replace(/\.$/, '')
      .split('; ')
      .map((part, i) => (i === 0 ? part : `… ${part}`)),
  )

function patternOf(text: string, { household, trailer }: Said): string {
  const { plan } = trailer
  const who = [...household.people, ...household.pets].map(({ name }) => name)
  const carried = household.gear.flatMap((one) => [one.name, plainName(one)])
  const things = [
    ...[plan.rooms, plan.berths, plan.conversions, plan.compartments].flat().map(({ name }) => name),
    ...plan.fixtures.map(({ kind, name }) => name ?? FIXTURE_KINDS[kind].name),
    ...Object.values(EQUIPMENT_KINDS).map(({ name }) => name),
    ...plan.doors.map(({ id }) => id.replaceAll('-', ' ')),
  ]
  const named = [
    ...spelled(things, 'THING'),
    ...spelled(carried, 'GEAR'),
    ...who.map((name) => [name, 'WHO'] as const),
    ...spelled([household.vehicle.name], 'VEHICLE'),
  ].sort(([a], [b]) => b.length - a.length)
  const replaced = named.reduce((now, [name, kind]) => now.replace(word(name), kind), text)
  return GROUPS.reduce((now, [pattern, kind]) => now.replace(pattern, kind), replaced)
}

const spelled = (names: readonly string[], kind: string) =>
  names.flatMap((name) => [[name, kind] as const, [small(name), kind] as const])

const word = (name: string): RegExp =>
  new RegExp(`(?<![\\p{L}\\d])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(?![\\p{L}\\d])`, 'gu')

const TOPICS = ALL.map(({ words: { topic } }) => topic).join('|')

/** Figures, then lists of people and of things: however many they are, it is one kind of sentence. */
const GROUPS: readonly (readonly [RegExp, string])[] = [
  [/\d[\d,]*( ft( \d+ in)?| in\b|\.\d+)?/g, '#'],
  [/\b(one|two|three|four|five|six|seven)\b/gi, 'NUMBER'],
  [new RegExp(`(${TOPICS})((,| and) (${TOPICS}))*`, 'g'), 'TOPIC'],
  [/WHO \(#\)/g, 'WHO'],
  [/WHO(, WHO)*( and WHO)/g, 'WHOS'],
  [/(the )?THING \(#\)/g, 'the THING'],
  [/the THING(, the THING)*( (and|or) the THING)/g, 'the THINGS'],
  [/WHOS?( lies| lie)?( in| on) the THING(,? (and )?WHOS?( lies| lie)?( in| on) the THING)+/g, 'WHO in the THING ...'],
  [/(# of )?the (# )?GEARs?( \([^)]*\))?((,| and) (# of )?the (# )?GEARs?( \([^)]*\))?)+/g, 'the GEAR ...'],
]
