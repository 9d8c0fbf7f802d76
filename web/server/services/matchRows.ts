import { asked, type Asked } from '@hitchet/core/match/asking/asked'
import { entriesOf, type Entry } from '@hitchet/core/match/told/entries'
import { likelySays } from '@hitchet/core/match/likely'
import type { Flexibility } from '@hitchet/core/match/match'
import type { MatchRow, SameUnit } from '@hitchet/core/match/told/row'
import { whyOver } from '@hitchet/core/match/told/whyOver'
import { keptWorths } from '@hitchet/core/match/told/worths'
import type { Household } from '@hitchet/core/household/household'
import { questionOf } from '@hitchet/core/questions/index'
import type { MeasureSystem } from '@hitchet/core/quantity/format'
import type { Phrase } from '@hitchet/core/quantity/phrase'
import type { Extent } from '@hitchet/core/plan/extent'
import { householdById, type KeptHousehold } from '../db/households'
import { houseRules } from '../houseRules'
import { inWorker } from '../jobs/pool'
import { Refused } from '../refused'
import { cardsById } from './cards'
import { choicesOf } from '../db/walkEvents'
import { AsyncCache } from '../asyncCache'
import { processSingleton } from '../processSingleton'
import { rankedYard, type RankedUnit, type RankedYard } from './cache/answerCache'
import { answersOn } from './matching'

/** A row of the match with its drawing and, where it nearly fits, what would let it in. */
export interface ShownRow extends MatchRow {
  unit: { id: string; version: number; extent: Extent }
  /** What the drawing shows, in words. */
  text: Record<MeasureSystem, string>
  nearly?: readonly Phrase[]
  /** What it waits for, and its like fails by. */
  likely?: Phrase
}

/** Everything that is answered on one unit, and why it stands before the next. */
export interface Reasons {
  asked: Asked[]
  flexibility?: Flexibility
  why?: { over: string; parts: { short: string; points: number }[] }
}

/** So many others of a plan are told with its row; the rest when somebody asks. */
const TOLD = 2

/** Rows that were made lately, or are being made, by the yard they are of and their first unit. */
const lately = processSingleton('rows of a match', () => new AsyncCache<MatchRow>(2_000))

/** Some entries of a ranked yard as they are shown; all words are made here, for these alone. `stamp`: what the yard is known by. */
export async function rowsOf(
  entries: readonly Entry<RankedUnit>[],
  household: Household,
  stamp: string,
): Promise<ShownRow[]> {
  const cards = await cardsById()
  // Who sets a unit aside tells its plan by others.
  const nameOf = ({ first, others }: Entry<RankedUnit>) =>
    [stamp, first.id, others.length, ...others.slice(0, TOLD).map(({ id }) => id)].join(' ')
  const unknown = entries.filter((entry) => !lately.known(nameOf(entry)))
  if (unknown.length) {
    const asked = unknown.map(({ first, others }) => ({
      first: first.id,
      others: others.slice(0, TOLD).map(({ id }) => id),
      more: Math.max(0, others.length - TOLD),
    }))
    const made = inWorker('rows', { asked, household, rules: houseRules() })
    unknown.forEach(
      (entry, i) =>
        void lately.begun(
          nameOf(entry),
          made.then((all) => all[i]),
        ),
    )
  }
  const rows = await Promise.all(entries.map(async (entry) => lately.known(nameOf(entry))))
  return entries.flatMap((entry, i): ShownRow[] => {
    const { first } = entry
    const [row, card] = [rows[i], cards.get(first.id)]
    if (!row || !card) return []
    return [
      {
        ...row,
        unit: { id: card.id, version: card.version, extent: card.extent },
        text: card.text,
        ...(first.changes && { nearly: first.changes }),
        ...(first.likely && first.failing && { likely: likelySays(first.likely.question, first.failing) }),
      },
    ]
  })
}

/** All others of a unit's plan, and what tells them apart from it. @throws Refused. */
export async function sameAs(household: string, stock: string): Promise<SameUnit[]> {
  const [kept, { entries }] = await Promise.all([theirs(household), matchOf(household)])
  const entry = entries.find(({ first }) => first.stock === stock)
  if (!entry) throw new Refused('There is no such unit any more.', [], 404)
  const { first, others } = entry
  const job = { first: first.id, others: others.map(({ id }) => id), household: kept.household, rules: houseRules() }
  return inWorker('same', job)
}

/** Rows of a household's match by the ids of their first units. @throws Refused. */
export async function rowsFor(household: string, units: readonly string[]): Promise<ShownRow[]> {
  const kept = await theirs(household)
  const wanted = new Set(units)
  const { entries, aside, stamp } = await matchOf(household)
  const asked = [...entries, ...aside].filter(({ first }) => wanted.has(first.id))
  return rowsOf(asked, kept.household, stamp)
}

/** All that a household is answered on a unit, and why it stands before the next plan. @throws Refused. */
export async function reasonsFor(household: string, stock: string): Promise<Reasons> {
  const [kept, { units, entries }] = await Promise.all([theirs(household), matchOf(household)])
  const own = units.find((one) => one.stock === stock)
  if (!own) throw new Refused('There is no such unit any more.', [], 404)
  const answers = (await answersOn([own.id], kept.household)).get(own.id) ?? {}
  const at = entries.findIndex(({ first }) => first.id === own.id)
  const behind = at < 0 ? undefined : entries[at + 1]?.first
  return {
    asked: asked(answers),
    ...(own.flexibility && { flexibility: own.flexibility }),
    ...(behind?.standing === own.standing && {
      why: {
        over: behind.stock,
        parts: whyOver(keptWorths(own), keptWorths(behind), houseRules().ranking.weights).map(
          ({ question, points }) => ({ short: questionOf(question).words.short, points }),
        ),
      },
    }),
  }
}

/** A ranked yard plan by plan, without what was set aside; that is by itself, unit by unit. */
export interface Planned {
  entries: Entry<RankedUnit>[]
  aside: Entry<RankedUnit>[]
}

export function planned(units: readonly RankedUnit[], isAside: (stock: string) => boolean): Planned {
  return {
    entries: entriesOf(units.filter(({ stock }) => !isAside(stock))),
    aside: units.filter(({ stock }) => isAside(stock)).map((first) => ({ first, others: [] })),
  }
}

/** How a unit was left by them or for them: pinned, set aside, or neither. */
export type StandsAs = (stock: string) => string | undefined

export const isPinned =
  (standsAs: StandsAs) =>
  ({ first, others }: Entry<RankedUnit>): boolean =>
    [first, ...others].some(({ stock }) => standsAs(stock) === 'pinned')

/** Plans as they are looked at: those pinned, then the others, the best first; none that was set aside. */
export function plansInOrder(units: readonly RankedUnit[], standsAs: StandsAs): Entry<RankedUnit>[] {
  const { entries } = planned(units, (stock) => standsAs(stock) === 'set aside')
  const pinned = entries.filter(isPinned(standsAs))
  return [...pinned, ...entries.filter((entry) => !pinned.includes(entry))]
}

async function matchOf(household: string): Promise<Planned & RankedYard> {
  const [yard, choices] = await Promise.all([rankedYard(household), choicesOf(household)])
  return { ...yard, ...planned(yard.units, (stock) => choices.get(stock)?.stands === 'set aside') }
}

async function theirs(id: string): Promise<KeptHousehold> {
  const kept = await householdById(id)
  if (!kept) throw new Refused('There is no such household any more.', [], 404)
  return kept
}
