import { parseAny, type AnyDocument, type Parsed } from '@hitchet/core/formats/document'
import { parsePlanSvg } from '@hitchet/core/formats/planSvg'
import { error, type Flaw } from '@hitchet/core/flaws/flaw'
import { flawWords } from '@hitchet/core/formats/placeWords'
import { TRAILER_FORMAT, type Trailer } from '@hitchet/core/trailer/trailer'
import { sameHousehold } from '@hitchet/core/household/same'
import { inTransaction } from '../db/database'
import { saveTrailers } from '../db/trailers'
import { keepUp } from './kept'
import { bringHouseholds, type Again, type HouseholdReport, type KnownHousehold } from './importedHouseholds'

export interface ImportFile {
  name: string
  text: string
}

export interface ImportReport {
  /** Whether anything was written. */
  done: boolean
  added: string[]
  renewed: string[]
  households: Omit<HouseholdReport, 'known'>
  /** Households that are kept already and other than in the file: nothing is written before somebody chooses. */
  known: KnownHousehold[]
  /** One line for each thing that is wrong, with the file's name. */
  errors: string[]
  warnings: string[]
}

/**
 * The one way in for files. All or nothing, unless `keepGood` is chosen: then files without errors go in
 * and the others stay out, named. A stock number already in the yard becomes that trailer's next version; whether
 * a household that is kept already is renewed, is asked.
 */
export async function importFiles(
  files: readonly ImportFile[],
  { keepGood, again = 'ask', by }: { keepGood: boolean; again?: Again; by: string | null },
): Promise<ImportReport> {
  const read = files.map((file) => ({ file, ...parsed(file) }))
  const lines = (severity: 'error' | 'warning') =>
    read.flatMap(({ file, flaws }) =>
      flaws.filter((flaw) => flaw.severity === severity).map((flaw) => `${file.name}: ${inWords(flaw, file)}`),
    )
  const good = read.flatMap(({ file, document }) => (document ? [{ file, document }] : []))
  const trailers = good.filter(isTrailer)
  const twice = trailers.filter(
    ({ document }, i) => trailers.findIndex((other) => sameStock(other.document, document)) < i,
  )
  const households = good.flatMap(({ file, document }) =>
    document.format === TRAILER_FORMAT ? [] : [{ file: file.name, household: document }],
  )
  const repeated = households.filter(
    ({ household }, i) => households.findIndex((other) => sameHousehold(other.household, household)) < i,
  )
  const errors = [
    ...lines('error'),
    ...repeated.map(
      ({ file, household: { name } }) =>
        `${file}: ${flawWords(error('name', name, 'a household that no other of these files has'), undefined)}`,
    ),
    ...twice.map(
      ({ file, document }) =>
        `${file.name}: ${flawWords(error('stock', document.stock, 'a stock number that no other of these files has'), document)}`,
    ),
  ]
  const report: ImportReport = {
    done: false,
    added: [],
    renewed: [],
    households: { added: [], renewed: [], unchanged: [] },
    known: [],
    errors,
    warnings: lines('warning'),
  }
  if ((errors.length && !keepGood) || good.length === 0) return report
  const kept = trailers.filter((one) => !twice.includes(one)).map(({ document }) => document)
  const brought = await inTransaction(async (transaction) => {
    const { known, ...brought } = await bringHouseholds(
      households.filter((one) => !repeated.includes(one)),
      { again, by },
      transaction,
    )
    if (known.length) return { ...report, known }
    return { ...report, ...(await saveTrailers(kept, by, transaction)), done: true, households: brought }
  })
  if (brought.done) keepUp('anything')
  return brought
}

function isTrailer(one: { file: ImportFile; document: AnyDocument }): one is { file: ImportFile; document: Trailer } {
  return one.document.format === TRAILER_FORMAT
}

/** A flaw in the words of whoever drops a file on a screen: the thing by its name, neither path nor JSON. */
function inWords(flaw: Flaw, { text }: ImportFile): string {
  try {
    return flawWords(flaw, JSON.parse(text))
  } catch {
    return flawWords(flaw, undefined)
  }
}

const sameStock = (a: Trailer, b: Trailer): boolean => a.stock.toLowerCase() === b.stock.toLowerCase()

/** What people drop beside our own files, and what it is called. */
const OTHER_FILES = [
  { ends: /\.(csv|tsv|xlsx?|ods)$/i, is: 'a table' },
  { ends: /\.(png|jpe?g|gif|webp|heic)$/i, is: 'a picture' },
  { ends: /\.(pdf|docx?|odt|txt)$/i, is: 'a text to read' },
]

/**
 * One file, whatever stands in it: what its reader did not expect is a flaw of that file, and costs no other
 * its answer.
 */
function parsed({ name, text }: ImportFile): Parsed<AnyDocument> {
  const other = OTHER_FILES.find(({ ends }) => ends.test(name))
  if (other)
    return { flaws: [error('', other.is, 'a trailer.json, a household.json, or a drawing taken out of Hitchet')] }
  try {
    return name.toLowerCase().endsWith('.svg') ? parsePlanSvg(text) : parseAny(text)
  } catch {
    return { flaws: [error('', text.slice(0, 40), 'a file that can be read; this one cannot')] }
  }
}
