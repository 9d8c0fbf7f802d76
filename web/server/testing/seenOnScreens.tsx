import { ChakraProvider } from '@chakra-ui/react'
import { renderToStaticMarkup } from 'react-dom/server'
import { parseHousehold, parseTrailer } from '@hitchet/core/formats/document'
import { asked } from '@hitchet/core/match/asking/asked'
import { matchRow } from '@hitchet/core/match/told/row'
import { MeasuresProvider } from '../../look/measures'
import { system } from '../../look/theme'
import { comparison } from '../../screens/compare/compared'
import { Matrix } from '../../screens/compare/Matrix'
import { ReasonsOf } from '../../screens/match/AllReasons'
import { MatchRow } from '../../screens/match/MatchRow'
import { disconnect, inTransaction } from '../db/database'
import { migrate } from '../db/migrate'
import { addHouseholds, householdById } from '../db/households'
import { saveTrailers } from '../db/trailers'
import { database } from '../db/database'
import { houseRules } from '../houseRules'
import { closePool } from '../jobs/pool'
import { factsFrom } from '../db/factsText'
import { yardFacts } from '../services/cache/facts'
import { rankedYard, stopRefreshing } from '../services/cache/answerCache'
import { comparedUnits, type AnsweredUnit } from '../services/matching'
import { readFileSync, readdirSync } from 'node:fs'

/**
 * Run in a copy of the house (`copiedHouse.ts`) with a database: what a question looks like where people meet
 * it. Prints the stored facts' keys, the ranking's answers, and the words in Match and in Compare.
 */
const demo = (path: string) => new URL(`../../../demo/${path}`, import.meta.url)
const trailers = readdirSync(demo('yard/'))
  .slice(0, 3)
  .map((name) => parseTrailer(readFileSync(demo(`yard/${name}`), 'utf8')).document!)
const household = parseHousehold(readFileSync(demo('households/vossberg.json'), 'utf8')).document!

const words = (children: React.ReactNode) =>
  renderToStaticMarkup(
    <ChakraProvider value={system}>
      <MeasuresProvider system="us">{children}</MeasuresProvider>
    </ChakraProvider>,
  )
    .replace(/<style[^>]*>.*?<\/style>/gs, '')
    .replace(/<[^>]+>/g, ' ')
    .replace(/\s+/g, ' ')

await migrate(database())
await inTransaction((transaction) => saveTrailers(trailers, null, transaction))
const [id] = await inTransaction((transaction) => addHouseholds([household], null, transaction))
const { units } = await rankedYard(id!)
const compared = await comparedUnits(units, (await householdById(id!))!)
const told = units.map((kept) => ({
  kept,
  trailer: trailers.find(({ stock }) => stock === kept.stock)!,
  ...(compared.get(kept.id) as AnsweredUnit),
}))
const [first] = told
console.log(
  JSON.stringify({
    stored: Object.keys(factsFrom((await yardFacts(houseRules()))[0]!.facts)),
    ranked: Object.keys(first!.answers),
    match: words(
      <>
        <MatchRow household={id!} row={matchRow(first!, [], 0, household, houseRules().ranking)} strip={null} />
        <ReasonsOf asked={asked(first!.answers)} />
      </>,
    ),
    compare: words(<Matrix allWords comparison={comparison(told, household, houseRules())} onlyDifferences={false} />),
  }),
)
await stopRefreshing()
await closePool()
await disconnect()
