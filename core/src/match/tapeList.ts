import type { Household } from '../household/household'
import { questionOf } from '../questions/index'
import type { QuestionId } from '../questions/question'
import { best, type Reading, type ReadingSpec, type ReadingValue } from '../readings/reading'
import { DEFAULT_HOUSE_RULES, type HouseRules } from '../rules/houseRules'
import { readingName } from '../trailer/readingName'
import { thingAt, thingsOf, withReading } from '../trailer/things'
import type { Trailer } from '../trailer/trailer'
import type { Answers } from './match'

/** A reading to take next on a unit. */
export interface ToMeasure {
  key: string
  /** In words: `Upper bunk: weight limit`. */
  name: string
  spec?: ReadingSpec
  /** Where it stands on the plan, by id. */
  id?: string
  /** Households whose answer it could change, and the questions it would answer for any of them. */
  households: string[]
  questions: QuestionId[]
}

/**
 * What to measure next on a unit, by how many open households' answers it could change (the value of the
 * information); what would change nobody's comes last, in the order of the catalogue.
 */
export function tapeList(
  trailer: Trailer,
  asked: readonly { household: Household; answers: Answers }[],
  rules: HouseRules = DEFAULT_HOUSE_RULES,
): ToMeasure[] {
  const waited = new Map<string, { households: Set<string>; questions: Set<QuestionId> }>()
  for (const { household, answers } of asked) {
    for (const [id, { missing }] of Object.entries(answers) as [QuestionId, { missing: string[] }][]) {
      const need = missing.length ? questionOf(id).need(household, rules) : null
      for (const key of missing) {
        if (key.startsWith('household.') || !couldChange(trailer, id, need, key, missing)) continue
        const entry = waited.get(key) ?? { households: new Set(), questions: new Set() }
        entry.households.add(household.name)
        entry.questions.add(id)
        waited.set(key, entry)
      }
    }
  }
  const unread = thingsOf(trailer).flatMap(({ path, specs, readings }) =>
    Object.keys(specs)
      .filter((key) => !best(readings?.[key]))
      .map((key) => `${path}.${key}`),
  )
  const keys = [
    ...new Set([
      ...[...waited]
        .sort(([, a], [, b]) => b.households.size - a.households.size || b.questions.size - a.questions.size)
        .map(([key]) => key),
      ...unread,
    ]),
  ]
  return keys.map((key) => {
    const found = thingAt(trailer, key)
    const entry = waited.get(key)
    return {
      key,
      name: readingName(trailer, key),
      ...(found && { spec: found.spec, ...(found.thing.id && { id: found.thing.id }) }),
      households: [...(entry?.households ?? [])],
      questions: [...(entry?.questions ?? [])],
    }
  })
}

/**
 * Whether a reading could change an answer: the question is judged with it at its ends, with all else that is
 * missing left open, at its lower, and at its upper end. Where it stays open whatever is tried, as when the
 * household's own figures are missing, nobody can tell, and it counts.
 */
function couldChange(
  trailer: Trailer,
  id: QuestionId,
  need: unknown,
  key: string,
  missing: readonly string[],
): boolean {
  const question = questionOf(id)
  const own = ends(thingAt(trailer, key)?.spec)
  if (own.length < 2 || need === null) return true
  const others = missing.filter((other) => other !== key && thingAt(trailer, other))
  const settings = [
    trailer,
    ...[0, -1].map((end) =>
      others.reduce(
        (now, other) => withReading(now, other, tried(ends(thingAt(now, other)!.spec).at(end)!)) ?? now,
        trailer,
      ),
    ),
  ]
  let open = true
  for (const setting of settings) {
    const verdicts = new Set(
      own.map(
        (value) => question.judge(question.facts(withReading(setting, key, tried(value)) ?? setting), need).verdict,
      ),
    )
    if (verdicts.size > 1) return true
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

const tried = (value: ReadingValue): Reading => ({ value, source: 'measured' })
