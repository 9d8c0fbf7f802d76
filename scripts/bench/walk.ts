import { DEFAULT_HOUSE_RULES } from '../../core/src/rules/houseRules'
import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { parseTrailer } from '../../core/src/formats/document'
import { demonstrations } from '../../core/src/handover/demonstrations'
import { handover } from '../../core/src/handover/handover'
import { factSheet } from '../../core/src/match/factSheet'
import { judgeFor } from '../../core/src/match/judge'
import { showing } from '../../core/src/match/showing'
import { DEFAULT_HOUSE_RULES as RULES } from '../../core/src/rules/houseRules'
import { couple, household, person } from '../../core/src/testing/someone'
import { routeOf } from '../../core/src/walk/route'
import { stationsOf } from '../../core/src/walk/stations'
import { spread, timed } from './median'

const RUNS = 31
const STOCK = 't-118-marrowby-27-db'

/** Route, script and bytes of a walk for a household and a unit, against reading the unit's file as it is stored. */
export async function benchWalk() {
  const text = readFileSync(new URL(`../../demo/yard/${STOCK}.json`, import.meta.url), 'utf8')
  const trailer = parseTrailer(text).document!
  const answers = judgeFor(household([...couple(), person()]), RULES)(factSheet(trailer, RULES))
  const [route, read]: [number[], number[]] = [[], []]
  for (let i = 0; i < RUNS; i++) {
    read.push((await timed(() => JSON.parse(text) as unknown)).took)
    route.push(
      (
        await timed(() => {
          const stations = stationsOf(trailer)
          return [
            routeOf(stations, trailer.plan, { first: 'outside', inside: 'clockwise' }),
            showing(trailer, stations, answers),
          ]
        })
      ).took,
    )
  }
  // What a walk is drawn from: the unit, what to show at each station, what is handed over.
  const shown = [...showing(trailer, stationsOf(trailer), answers)]
  const data = JSON.stringify({
    trailer,
    shown,
    cards: handover(trailer, DEFAULT_HOUSE_RULES.nights),
    demonstrations: demonstrations(trailer),
  })
  return {
    stock: STOCK,
    routeAndScriptMs: spread(route),
    readingTheFileMs: spread(read),
    dataBytes: { plain: data.length, compressed: gzipSync(data).length, unitAlone: gzipSync(text).length },
  }
}
