import { readFileSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { Command } from 'commander'
import { parseAny, parseHousehold, parseTrailer, type Parsed } from '../core/src/formats/document'
import { error, flawText, type Flaw } from '../core/src/flaws/flaw'
import type { Household } from '../core/src/household/household'
import type { Trailer } from '../core/src/trailer/trailer'
import { rankingJson, rankingText } from './ranking'

const program = new Command('hitchet').description('Match a household to trailers in stock, from files.')

program
  .command('check')
  .description('Say what is wrong with trailer and household files. Exit code 1 when anything is.')
  .argument('<files...>', 'files, or folders of .json files')
  .action((paths: string[]) => {
    const files = paths.flatMap(jsonFiles)
    let wrong = 0
    for (const file of files) {
      const { document, flaws } = readWith(parseAny, file)
      for (const flaw of flaws) print(flaw, file)
      if (!document) wrong++
    }
    console.log(`${files.length - wrong} of ${files.length} files are good.`)
    if (wrong) process.exitCode = 1
  })

program
  .command('rank')
  .description('Rank trailers for a household: verdicts, margins, reasons, who sleeps where.')
  .requiredOption('--stock <path>', 'a trailer file, or a folder of them')
  .requiredOption('--household <file>', 'a household file')
  .option('--json', 'print JSON')
  .action(({ stock, household: householdFile, json }: { stock: string; household: string; json?: boolean }) => {
    const household = must<Household>(parseHousehold, householdFile)
    const trailers = jsonFiles(stock).map((file) => must<Trailer>(parseTrailer, file))
    if (!household || trailers.some((trailer) => !trailer)) return
    const good = trailers as Trailer[]
    const twice = good.find(({ stock: own }, i) => good.findIndex((other) => other.stock === own) < i)
    if (twice) return print(error('stock', twice.stock, 'a stock number that no other file has'), stock)
    console.log(json ? JSON.stringify(rankingJson(good, household), null, 2) : rankingText(good, household))
  })

program.parse()

function jsonFiles(path: string): string[] {
  const folder = statSync(path, { throwIfNoEntry: false })?.isDirectory()
  return folder
    ? readdirSync(path)
        .filter((name) => name.endsWith('.json'))
        .sort()
        .map((name) => join(path, name))
    : [path]
}

function readWith<T>(parse: (source: unknown) => Parsed<T>, file: string): Parsed<T> {
  try {
    return parse(readFileSync(file, 'utf8'))
  } catch (failure) {
    return {
      flaws: [error('', file, `a file that can be read (${(failure as NodeJS.ErrnoException).code ?? 'unreadable'})`)],
    }
  }
}

function must<T>(parse: (source: unknown) => Parsed<T>, file: string): T | undefined {
  const { document, flaws } = readWith(parse, file)
  for (const flaw of flaws.filter(({ severity }) => severity === 'error')) print(flaw, file)
  return document
}

function print(flaw: Flaw, file: string): void {
  if (flaw.severity === 'error') process.exitCode = 1
  console.error(`${file}: ${flaw.severity}: ${flawText(flaw)}`)
}
