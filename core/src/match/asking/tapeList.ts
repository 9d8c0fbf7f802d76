import { isTheirs } from '../../questions/margin'
import type { Phrase } from '../../quantity/phrase'
import type { Household } from '../../household/household'
import { questionOf, type QuestionId } from '../../questions/index'
import type { Verdict } from '../../questions/reason'
import { best, type ReadingSpec, type ReadingValue } from '../../readings/reading'
import type { HouseRules } from '../../rules/houseRules'
import { BERTH_KINDS, EQUIPMENT_KINDS, type EquipmentKind } from '../../readings/catalogue'
import { outsideLooked, toNote, unconverted, unexplained } from '../../trailer/drawn'
import { equipmentOf } from '../../trailer/equipment'
import { doubtsOf } from '../../trailer/doubts'
import { readingName } from '../../trailer/readingName'
import { thingAt, thingsOf } from '../../trailer/things'
import { ABSENT_KINDS, type AbsentKind, type Trailer } from '../../trailer/trailer'
import { judgeFor, type Answers } from '../judge'
import type { Variant } from './variants'

/** A reading to take next on a unit. */
export interface ToMeasure {
  key: string
  /** In words: `Upper bunk: weight limit`. */
  name: string
  spec?: ReadingSpec
  /** A kind of thing that nobody has noted yet: there is one, or there is none. */
  unnoted?: AbsentKind
  /** What is odd about the reading there is. */
  doubt?: Phrase
  /** Where it stands on the plan, by id. */
  id?: string
  /** Households whose answer it could change, and the questions it would answer for any of them. */
  households: string[]
  questions: QuestionId[]
}

/** A reading that one household waits for, and the questions it could answer otherwise. */
export interface Waited {
  key: string
  /** In words: `Upper bunk: weight limit`. */
  name: string
  questions: QuestionId[]
}

/** Of what is missing in a household's answers on a unit, the readings that could change one of them. */
export function waitedFor(unit: Variant, household: Household, answers: Answers, rules: HouseRules): Waited[] {
  const waited = new Map<string, QuestionId[]>()
  for (const [id, { missing }] of Object.entries(answers) as [QuestionId, { missing: string[] }][]) {
    const open = missing.filter((key) => !isTheirs(key))
    if (open.length === 0) continue
    const judge = judgeFor(household, rules, [questionOf(id)])
    const verdict = (setting: Variant) => judge(setting.facts)[id]?.verdict
    for (const key of open) {
      if (couldChange(unit, verdict, key, missing)) waited.set(key, [...(waited.get(key) ?? []), id])
    }
  }
  return [...waited].map(([key, questions]) => ({ key, name: readingName(unit.trailer, key), questions }))
}

/**
 * What to measure next on a unit, by how many open households' answers it could change (the value of the
 * information); what would change nobody's comes last, in the order of the catalogue.
 */
export function tapeList(
  trailer: Trailer,
  households: readonly { name: string; waits: readonly Waited[] }[],
): ToMeasure[] {
  const waited = new Map<string, { households: Set<string>; questions: Set<QuestionId> }>()
  for (const { name, waits } of households) {
    for (const { key: read, questions } of waits) {
      // Of a kind of thing that nobody noted, whether there is one is asked once, and first.
      const found = thingAt(trailer, read)
      const kind = found ? undefined : unnotedKind(read)
      // A piece of equipment may be asked for by its kind: it is read where it is.
      const own = found ? `${found.thing.path}.${found.reading}` : read
      const key = kind && read.startsWith('equipment.') ? `equipment.${kind}` : own
      const entry = waited.get(key) ?? { households: new Set(), questions: new Set() }
      entry.households.add(name)
      for (const question of questions) entry.questions.add(question)
      waited.set(key, entry)
    }
  }
  const doubts = new Map(doubtsOf(trailer).map(({ key, says }) => [key, says]))
  const unread = thingsOf(trailer).flatMap(({ path, specs, readings }) =>
    Object.keys(specs)
      .filter((key) => !specs[key]!.ifWaited && makesSense(trailer, path, key))
      .map((key) => ({ key: `${path}.${key}`, reading: best(readings?.[key]) }))
      .filter(({ key, reading }) => !reading || doubts.has(key))
      .map(({ key }) => key),
  )
  const keys = [
    ...new Set([
      ...[...waited]
        .sort(([, a], [, b]) => b.households.size - a.households.size || b.questions.size - a.questions.size)
        .map(([key]) => key),
      ...unread,
      ...unlooked(trailer).filter((key) => !waited.has(key)),
    ]),
  ]
  return keys.map((key) => {
    const found = thingAt(trailer, key)
    const unnoted = found ? undefined : unnotedKind(key)
    const entry = waited.get(key)
    return {
      key,
      name: readingName(trailer, key),
      ...(doubts.has(key) && { doubt: doubts.get(key)! }),
      ...(unnoted && { unnoted }),
      ...(found && { spec: found.spec, ...(found.thing.id && { id: found.thing.id }) }),
      households: [...(entry?.households ?? [])],
      questions: [...(entry?.questions ?? [])],
    }
  })
}

/**
 * The ladder, guard and limit of a bed that has none of them are nobody's to read. Features are looked at on the walk:
 * the tape takes those that somebody waits for.
 */
function makesSense({ plan }: Trailer, path: string, key: string): boolean {
  if (path === 'features') return false
  const berth = plan.berths.find(({ id }) => path === `plan.berths.${id}`)
  if (!berth) return true
  const { limited, upper } = BERTH_KINDS[berth.kind]
  if (key === 'weightLimit') return limited
  return key === 'guardHeight' || key === 'ladder' ? upper : true
}

/** Equipment that nobody has looked for, and what is neither drawn nor noted as not there. */
const unlooked = (trailer: Trailer): string[] => [
  ...(trailer.plan.fixtures.length ? unexplained(trailer).map(toNote) : []),
  ...(unconverted(trailer).length ? [toNote('conversion')] : []),
  ...(outsideLooked(trailer) ? [] : [toNote('outside')]),
  ...(Object.keys(EQUIPMENT_KINDS) as EquipmentKind[])
    .filter((kind) => equipmentOf(trailer, kind) === undefined)
    .map((kind) => `equipment.${kind}`),
]

/** What kind of thing a key asks for that leads nowhere on the trailer yet. */
function unnotedKind(key: string): AbsentKind | undefined {
  if (key === 'plan.berths') return 'berth'
  if (key === 'plan.compartments') return 'bay'
  const [first, kind] = key.split('.')
  return first === 'equipment' || first === 'noted' ? ABSENT_KINDS.find((one) => one === kind) : undefined
}

/**
 * Whether a reading could change an answer: the question is judged with it at its ends, with all else that is
 * missing left open, at its lower, and at its upper end; it counts where the ends differ, and where it settles what is
 * open without it. Where it stays open whatever is tried, as when the household's own figures are missing, nobody can
 * tell, and it counts.
 */
function couldChange(
  unit: Variant,
  verdict: (setting: Variant) => Verdict | undefined,
  key: string,
  missing: readonly string[],
): boolean {
  const own = ends(thingAt(unit.trailer, key)?.spec)
  if (own.length < 2) return true
  const others = missing.filter((other) => other !== key && thingAt(unit.trailer, other))
  const settings = [
    unit,
    ...[0, -1].map((end) =>
      others.reduce((now, other) => now.with(other, ends(thingAt(now.trailer, other)!.spec).at(end)!), unit),
    ),
  ]
  let open = true
  for (const setting of settings) {
    const verdicts = new Set(own.map((value) => verdict(setting.with(key, value))))
    if (verdicts.size > 1) return true
    // Whatever is read, it is not to be measured any more: that is an answer too.
    if (!verdicts.has(verdict(setting)!)) return true
    if (!verdicts.has('measure')) open = false
  }
  return open
}

/** The values a reading may take at most and at least, inches, pounds or plain; every choice. */
function ends(spec: ReadingSpec | undefined): ReadingValue[] {
  if (spec?.kind === 'yes-no') return [false, true]
  if (spec?.kind === 'choice') return [...spec.choices!]
  return spec?.kind === 'number' ? [1, spec.unit === 'lb' || spec.unit === '$' ? 100_000 : 1_000] : []
}
