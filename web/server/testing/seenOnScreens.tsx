import { ChakraProvider } from '@chakra-ui/react'
import { renderToStaticMarkup } from 'react-dom/server'
import { parseHousehold, parseTrailer } from '@hitchet/core/formats/document'
import { asked } from '@hitchet/core/match/asked'
import { pitch } from '@hitchet/core/match/pitch'
import { MeasuresProvider } from '../../look/measures'
import { system } from '../../look/theme'
import { comparison } from '../../screens/compare/compared'
import { Matrix } from '../../screens/compare/Matrix'
import { MatchRow } from '../../screens/match/MatchRow'
import { disconnect, inTransaction } from '../db/database'
import { yardFacts } from '../db/facts'
import { migrate } from '../db/migrate'
import { saveTrailers } from '../db/trailers'
import { database } from '../db/database'
import { houseRules } from '../houseRules'
import { closePool } from '../jobs/pool'
import { matchedYard } from '../services/yard'
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
const yard = await matchedYard(household)
const [first] = yard
const { answers } = first!.match
console.log(
  JSON.stringify({
    stored: Object.keys(JSON.parse((await yardFacts(houseRules()))[0]!.facts) as object),
    ranked: Object.keys(answers),
    match: words(
      <MatchRow
        stock="X"
        name="X"
        href="/"
        layout=""
        pitch={pitch(answers, first!.trailer, household, houseRules().ranking.weights)}
        asked={{ first: asked(answers), rest: [] }}
        same={[]}
        strip={null}
      />,
    ),
    compare: words(<Matrix allWords comparison={comparison(yard, household, houseRules())} onlyDifferences={false} />),
  }),
)
await closePool()
await disconnect()
