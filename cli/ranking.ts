import { factSheet } from '../core/src/match/factSheet'
import { byWeightOfObjection, rankWithChanges, type Match } from '../core/src/match/match'
import type { Household } from '../core/src/household/household'
import { formatQuantity } from '../core/src/quantity/format'
import { phraseText } from '../core/src/quantity/phrase'
import { CAUTIONS } from '../core/src/questions/cautions'
import { questionOf } from '../core/src/questions/index'
import { nightsIn } from '../core/src/nights/nights'
import { DEFAULT_HOUSE_RULES } from '../core/src/rules/houseRules'
import { sleepStory } from '../core/src/questions/sleep/story'
import { trailerFigure, trailerName, type Trailer } from '../core/src/trailer/trailer'

/** The ranking as data: per unit its standing, answers with reasons as text, and who sleeps where. */
export function rankingJson(trailers: Trailer[], household: Household) {
  return {
    household: household.name,
    units: ranked(trailers, household).map(({ trailer, match }) => ({
      stock: trailer.stock,
      name: trailerName(trailer),
      standing: match.standing,
      score: match.score,
      answers: Object.fromEntries(
        Object.entries(match.answers).map(([id, answer]) => [
          id,
          { ...answer, because: answer.because.map((reason) => ({ ...reason, says: phraseText(reason.says) })) },
        ]),
      ),
      berths: berthsOf(trailer, household),
      sleeping: sleepingOf(trailer, household),
    })),
  }
}

/** The ranking as a person reads it. */
export function rankingText(trailers: Trailer[], household: Household): string {
  const units = ranked(trailers, household).map(({ trailer, match }, i) => {
    const lines = byWeightOfObjection(match.answers).flatMap(([id, { verdict, margin, because }]) => [
      `   ${questionOf(id).words.asks} ${verdict.toUpperCase()}${margin ? ` (${formatQuantity(margin)})` : ''}`,
      ...because.map((reason) => `      - ${phraseText(reason.says)}`),
    ])
    const berths = berthsOf(trailer, household).everyNight.map(({ berth, people }) => `${berth}: ${people.join(', ')}`)
    return [
      `${i + 1}. ${trailer.stock} ${trailerName(trailer)}: ${match.standing} (${match.score})`,
      ...lines,
      `   Berths: ${berths.join('; ') || 'none'}`,
      ...sleepingOf(trailer, household).nights.flatMap(({ night, next, most, changes }) =>
        [next, most, ...changes.map((change) => `It would sleep them ${change}.`)].flatMap((words) =>
          words ? [`   ${night}: ${words}`] : [],
        ),
      ),
    ].join('\n')
  })
  return [`For ${household.name}:`, ...units, '', CAUTIONS.ratings, CAUTIONS.exits].join('\n')
}

/** What the screen says of sleeping: the next best, the most who fit, and what would let all in. */
function sleepingOf(trailer: Trailer, household: Household) {
  const nights = nightsIn(trailer, household, DEFAULT_HOUSE_RULES)
  const story = sleepStory(nights, trailerFigure(trailer, 'advertisedSleeps'), household)
  return {
    says: phraseText(story.says),
    nights: story.nights.map(({ name, noticed, second, largest, changes }) => ({
      night: name,
      noticed: noticed.map((words) => phraseText(words)),
      ...(second && { next: phraseText(second) }),
      ...(largest && { most: phraseText(largest) }),
      changes: changes.map((change) => phraseText(change.says)),
    })),
    yearsAhead: story.outlook.years.flatMap(({ year, says }) => (says ? [{ year, says: phraseText(says) }] : [])),
  }
}

function ranked(trailers: Trailer[], household: Household): { trailer: Trailer; match: Match }[] {
  const matches = rankWithChanges(
    trailers.map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, DEFAULT_HOUSE_RULES) })),
    household,
    DEFAULT_HOUSE_RULES,
  )
  return matches.map((match) => ({ match, trailer: trailers.find(({ stock }) => stock === match.id)! }))
}

function berthsOf(trailer: Trailer, household: Household) {
  const { everyNight, guestNight } = nightsIn(trailer, household, DEFAULT_HOUSE_RULES)
  const told = ({ placements }: typeof everyNight) =>
    placements.map(({ berth, people }) => ({ berth: berth.name, people: people.map(({ name }) => name) }))
  return { everyNight: told(everyNight), ...(guestNight && { withGuests: told(guestNight) }) }
}
