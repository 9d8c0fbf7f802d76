import { readFileSync } from 'node:fs'
import { parseHousehold } from '../../core/src/formats/document'
import { rank } from '../../core/src/match/match'
import { DEFAULT_HOUSE_RULES } from '../../core/src/rules/houseRules'
import { database, inTransaction } from '../../web/server/db/database'
import { factsFrom } from '../../web/server/db/factsText'
import { migrate } from '../../web/server/db/migrate'
import { yardFacts } from '../../web/server/services/cache/facts'
import { saveTrailers } from '../../web/server/db/trailers'
import { unitsLikeTheDemos } from '../large/lot'
import { spread, timed } from './median'

const UNITS = 500
const ROUNDS = 25
const demo = (path: string) => new URL(`../../demo/${path}`, import.meta.url)

/**
 * Ranking 500 units for a household of six from stored facts, against reading and parsing those facts
 * from MariaDB in the same run. To reach: ranking takes no longer than reading them twice.
 */
export async function benchRanking() {
  await migrate(database())
  const units = unitsLikeTheDemos(UNITS)
  await inTransaction((transaction) => saveTrailers(units, null, transaction))
  const household = parseHousehold(readFileSync(demo('households/okoro-lindt.json'), 'utf8')).document!
  const read = async () =>
    (await yardFacts(DEFAULT_HOUSE_RULES)).map(({ id, facts }) => ({ id, facts: factsFrom(facts) }))
  const candidates = await read()
  for (let i = 0; i < 5; i++) rank(candidates, household, DEFAULT_HOUSE_RULES)
  const [reading, ranking]: [number[], number[]] = [[], []]
  for (let i = 0; i < ROUNDS; i++) {
    reading.push((await timed(read)).took)
    ranking.push((await timed(() => rank(candidates, household, DEFAULT_HOUSE_RULES))).took)
  }
  const [readMs, rankMs] = [spread(reading), spread(ranking)]
  return {
    units: UNITS,
    household: household.name,
    people: household.people.length,
    rankMs,
    readFactsMs: readMs,
    rankingPerReading: Math.round((100 * rankMs.median) / readMs.median) / 100,
  }
}
