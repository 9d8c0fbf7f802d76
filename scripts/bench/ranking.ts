import { readdirSync, readFileSync } from 'node:fs'
import { parseHousehold, parseTrailer } from '../../core/src/formats/document'
import type { FactSheet } from '../../core/src/match/factSheet'
import { rank } from '../../core/src/match/match'
import { DEFAULT_HOUSE_RULES } from '../../core/src/rules/houseRules'
import type { Trailer } from '../../core/src/trailer/trailer'
import { chance } from '../../core/src/testing/assignments'
import { database, inTransaction } from '../../web/server/db/database'
import { migrate } from '../../web/server/db/migrate'
import { yardFacts } from '../../web/server/db/facts'
import { saveTrailers } from '../../web/server/db/trailers'
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
  const models = readdirSync(demo('yard')).map(
    (name) => parseTrailer(readFileSync(demo(`yard/${name}`), 'utf8')).document!,
  )
  const random = chance(500)
  const units = Array.from({ length: UNITS }, (_, i) => varied(models[i % models.length]!, i, random))
  await inTransaction((transaction) => saveTrailers(units, null, transaction))
  const household = parseHousehold(readFileSync(demo('households/okoro-lindt.json'), 'utf8')).document!
  const read = async () =>
    (await yardFacts(DEFAULT_HOUSE_RULES)).map(({ id, facts }) => ({ id, facts: JSON.parse(facts) as FactSheet }))
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

/** A unit like one of the demo's, its weights, price and mattresses a little different. */
function varied(model: Trailer, i: number, random: () => number): Trailer {
  const unit = structuredClone(model)
  unit.stock = `B-${i}`
  delete unit.vin
  const shift = (list: { value: unknown }[] | undefined, share: number) =>
    list?.forEach(
      (reading) =>
        (reading.value =
          typeof reading.value === 'number'
            ? Math.round(reading.value * (1 + share * (random() - 0.5)))
            : reading.value),
    )
  for (const key of ['uvw', 'askingPrice', 'overallLength', 'hitchWeight']) shift(unit.readings[key], 0.1)
  for (const berth of unit.plan.berths) shift(berth.readings?.mattressLength, 0.08)
  return unit
}
