import pLimit from 'p-limit'
import type { Transaction } from 'sequelize'
import type { AnyDocument } from '@hitchet/core/formats/document'
import { error } from '@hitchet/core/flaws/flaw'
import { flawWords } from '@hitchet/core/formats/placeWords'
import { readingsLost } from '@hitchet/core/trailer/lost'
import { TRAILER_FORMAT, type Trailer } from '@hitchet/core/trailer/trailer'
import { sameHousehold } from '@hitchet/core/household/same'
import type { ImportChoice, ImportFile, ImportProgress, ImportReport, KnownUnit } from '../../contracts/importing'
import { holdNamedLock } from '../db/namedLock'
import { inTransaction } from '../db/database'
import { saveTrailers, trailerLike } from '../db/trailers'
import { inWorker } from '../jobs/pool'
import type { ReadFile } from '../jobs/readFiles'
import { bringHouseholds, type BroughtHousehold } from './importedHouseholds'
import { refreshInBackground } from './cache/answerCache'

export interface Importing extends ImportChoice {
  by: string | null
  onProgress?(progress: ImportProgress): void
  /** Whoever brings them in may stop until the last is stored; then nothing is written. */
  signal?: AbortSignal
}

/**
 * The one way in for files. All or nothing, unless `keepGood` is chosen: then files without errors go in
 * and the others stay out, named. A stock number already in the yard becomes that trailer's next version; whether
 * a household that is kept already is renewed, is asked, and so is whether a unit loses what people read on it. What is
 * kept word for word stays as it is, so that
 * whoever got no answer may bring the same files once more. @throws what `signal` was stopped with.
 */
export async function importFiles(
  files: AsyncIterable<ImportFile> | Iterable<ImportFile>,
  { keepGood, again = 'ask', by, onProgress, signal }: Importing,
): Promise<ImportReport> {
  const { trailers, households, errors, warnings } = sorted(await readAll(files, onProgress, signal))
  const report: ImportReport = {
    done: false,
    added: [],
    renewed: [],
    unchanged: [],
    households: { added: [], renewed: [], unchanged: [] },
    known: [],
    knownUnits: [],
    left: [],
    errors,
    warnings,
  }
  if ((errors.length && !keepGood) || trailers.length + households.length === 0) return report
  const store = async (transaction: Transaction) => {
    await holdNamedLock('bring in', transaction)
    const { known, ...people } = await bringHouseholds(households, { again, by }, transaction)
    const knownUnits = again === 'renew' ? [] : await unitsThatLose(trailers, transaction)
    if (known.length || (again === 'ask' && knownUnits.length)) return { ...report, known, knownUnits }
    const left = knownUnits.map(({ stock }) => stock)
    const coming = trailers.filter(({ trailer }) => !left.some((stock) => isSameStock(stock, trailer.stock)))
    const onStored = (stored: number) => {
      signal?.throwIfAborted()
      onProgress?.({ stored, of: coming.length })
    }
    const units = await saveTrailers(
      coming.map(({ trailer }) => trailer),
      by,
      transaction,
      onStored,
    )
    return { ...report, ...units, left, done: true, households: people }
  }
  const brought = await inTurn(() => inTransaction(store))
  if (brought.done) refreshInBackground('anything')
  return brought
}

interface BroughtUnit {
  file: string
  trailer: Trailer
}

/** Those on which people read something that the file does not have. */
async function unitsThatLose(units: readonly BroughtUnit[], transaction: Transaction): Promise<KnownUnit[]> {
  const known: KnownUnit[] = []
  for (const { file, trailer } of units) {
    const kept = await trailerLike(trailer.stock, transaction)
    const lost = kept ? readingsLost(kept.trailer, trailer) : []
    if (lost.length) known.push({ file, stock: kept!.trailer.stock, lost })
  }
  return known
}

const isSameStock = (one: string, other: string): boolean => one.toLowerCase() === other.toLowerCase()

/** One at a time in this process, so that those who wait hold no connection meanwhile. */
const inTurn = pLimit(1)

/** So many files, or so many characters of them, are read at a time by a worker thread: about half a second. */
const FILES_AT_ONCE = 25
const CHARACTERS_AT_ONCE = 1_000_000

async function readAll(
  files: AsyncIterable<ImportFile> | Iterable<ImportFile>,
  onProgress: Importing['onProgress'],
  signal: AbortSignal | undefined,
): Promise<ReadFile[]> {
  const read: ReadFile[] = []
  const readOn = async (batch: ImportFile[]) => {
    signal?.throwIfAborted()
    read.push(...(await inWorker('readFiles', { files: batch })))
    onProgress?.({ read: read.length })
  }
  let batch: ImportFile[] = []
  let characters = 0
  for await (const file of files) {
    batch.push(file)
    characters += file.text.length
    if (batch.length < FILES_AT_ONCE && characters < CHARACTERS_AT_ONCE) continue
    await readOn(batch)
    batch = []
    characters = 0
  }
  if (batch.length) await readOn(batch)
  return read
}

/** Units and households apart; of two files that say the same thing the second is an error. */
function sorted(read: readonly ReadFile[]): {
  trailers: BroughtUnit[]
  households: BroughtHousehold[]
  errors: string[]
  warnings: string[]
} {
  const trailers: BroughtUnit[] = []
  const households: BroughtHousehold[] = []
  const stocks = new Set<string>()
  const twice: string[] = []
  for (const { name, document } of read) {
    if (!document) continue
    if (isTrailer(document)) {
      const stock = document.stock.toLowerCase()
      if (stocks.has(stock))
        twice.push(
          `${name}: ${flawWords(error('stock', document.stock, 'a stock number that no other of these files has'), document)}`,
        )
      else trailers.push({ file: name, trailer: document })
      stocks.add(stock)
    } else if (households.some(({ household }) => sameHousehold(household, document)))
      twice.push(
        `${name}: ${flawWords(error('name', document.name, 'a household that no other of these files has'), undefined)}`,
      )
    else households.push({ file: name, household: document })
  }
  return {
    trailers,
    households,
    errors: [...read.flatMap(({ errors }) => errors), ...twice],
    warnings: read.flatMap(({ warnings }) => warnings),
  }
}

const isTrailer = (document: AnyDocument): document is Trailer => document.format === TRAILER_FORMAT
