import { phraseText, type Phrase } from '../quantity/phrase'
import type { CautionId } from '../questions/cautions'
import { questionOf, type QuestionId } from '../questions/index'
import { badness, type Reason, type Verdict } from '../questions/reason'
import { readingName } from '../trailer/readingName'
import type { Trailer } from '../trailer/trailer'
import type { Station } from '../walk/station'
import { stationOf } from '../walk/stations'
import type { Answers } from './judge'

/** One point to show a household at a station: what to say with its figure, what to let them try, what to warn of. */
export interface Shown {
  /** The same as long as the same is to be said: a figure that changed is to be shown anew. */
  key: string
  question: QuestionId
  short: string
  verdict: Verdict
  says: Phrase
  tryIt?: string
  cautions: CautionId[]
  /** Readings still to be taken before it can be said, in words. */
  toRead: string[]
}

const MOST_KEY = 200

/**
 * What to show this household, by station: of every question each point that decides, then each lesser one that speaks
 * against the unit or is open, at its own station; of those with nothing against them the closest. Nothing that decides is
 * left out, and nothing is said twice; each caution stands beside the first point of a question that carries it. At a
 * station what speaks against the unit comes first.
 */
export function showing(trailer: Trailer, stations: readonly Station[], answers: Answers): Map<string, Shown[]> {
  const at = new Map(stations.flatMap(({ id, things }) => things.map(({ key }) => [key, id] as const)))
  const shown = new Map<string, Shown[]>()
  const warned = new Set<CautionId>()
  for (const [id, answer] of Object.entries(answers) as [QuestionId, NonNullable<Answers[QuestionId]>][]) {
    const { words } = questionOf(id)
    const usual = stationOf(words.shownAt ?? 'living', trailer.plan) ?? 'living'
    const decide = deciding(answer.because, answer.verdict)
    ;[...decide, ...besides(answer.because, decide)].forEach((reason, i) => {
      const station = stationFor(reason, at) ?? usual
      const cautions = i === 0 ? answer.cautions.filter((one) => !warned.has(one)) : []
      for (const one of cautions) warned.add(one)
      shown.set(station, [
        ...(shown.get(station) ?? []),
        {
          key: `${id}: ${phraseText(reason.says)}`.slice(0, MOST_KEY),
          question: id,
          short: words.short,
          verdict: i < decide.length ? answer.verdict : (reason.verdict as Verdict),
          says: reason.says,
          ...(i === 0 && words.tryIt && { tryIt: words.tryIt }),
          cautions,
          toRead: (reason.missing ?? []).map((key) => readingName(trailer, key)),
        },
      ])
    })
  }
  for (const points of shown.values()) points.sort((a, b) => badness(b.verdict) - badness(a.verdict))
  return shown
}

/** The points that have the verdict of the whole; of a question with nothing against it the first that is said. */
export function deciding(because: readonly Reason[], verdict: Verdict): Reason[] {
  const decide = because.filter((reason) => reason.verdict === verdict)
  return verdict === 'fits' || decide.length === 0 ? because.slice(0, 1) : decide
}

/** What else speaks against it, or is open. */
const besides = (because: readonly Reason[], decide: readonly Reason[]): Reason[] =>
  because.filter((one) => badness(one.verdict) > badness('fits') && !decide.includes(one))

/** Where the thing stands that a point rests on; a reading that nobody took before one that somebody did. */
function stationFor({ missing = [], rests = [] }: Reason, at: ReadonlyMap<string, string>): string | undefined {
  for (const key of [...missing, ...rests]) {
    // Of a kind of equipment that nobody noted the station is that of the kind.
    const station = at.get(key) ?? at.get(key.split('.').slice(0, 2).join('.'))
    if (station) return station
  }
  return undefined
}

/** A point takes about so long with a family, and the way round and the doors so long in all, minutes (common practice). */
const A_POINT = 1.5
const ROUND = 4

/**
 * Within the minutes they have, what comes first: what speaks against the unit, then what is open, then what is tight, then
 * what fits. The keys of what is left for when there is time; nothing is left out.
 */
export function ifThereIsTime(shown: ReadonlyMap<string, readonly Shown[]>, minutes: number | undefined): Set<string> {
  if (minutes === undefined) return new Set()
  const all = [...shown.values()].flat().sort((a, b) => badness(b.verdict) - badness(a.verdict))
  const most = Math.max(1, Math.floor((minutes - ROUND) / A_POINT))
  return new Set(all.slice(most).map(({ key }) => key))
}
