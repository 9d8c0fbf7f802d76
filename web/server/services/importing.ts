import { parseAny, type AnyDocument, type Parsed } from '@hitchet/core/formats/document'
import { parsePlanSvg } from '@hitchet/core/formats/planSvg'
import { error, flawText } from '@hitchet/core/flaws/flaw'
import { TRAILER_FORMAT, type Trailer } from '@hitchet/core/trailer/trailer'
import type { Household } from '@hitchet/core/household/household'
import { inTransaction } from '../db/database'
import { addHouseholds } from '../db/households'
import { saveTrailers } from '../db/trailers'

export interface ImportFile {
  name: string
  text: string
}

export interface ImportReport {
  /** Whether anything was written. */
  done: boolean
  added: string[]
  renewed: string[]
  households: { id: string; name: string }[]
  /** One line for each thing that is wrong, with the file's name. */
  errors: string[]
  warnings: string[]
}

/**
 * The one way in for files. All or nothing, unless `keepGood` is chosen: then files without errors go in
 * and the others stay out, named. A stock number already in the yard becomes that trailer's next version.
 */
export async function importFiles(
  files: readonly ImportFile[],
  { keepGood, by }: { keepGood: boolean; by: string | null },
): Promise<ImportReport> {
  const read = files.map((file) => ({ file, ...parsed(file) }))
  const lines = (severity: 'error' | 'warning') =>
    read.flatMap(({ file, flaws }) =>
      flaws.filter((flaw) => flaw.severity === severity).map((flaw) => `${file.name}: ${flawText(flaw)}`),
    )
  const good = read.flatMap(({ file, document }) => (document ? [{ file, document }] : []))
  const trailers = good.filter(isTrailer)
  const twice = trailers.filter(
    ({ document }, i) => trailers.findIndex((other) => sameStock(other.document, document)) < i,
  )
  const errors = [
    ...lines('error'),
    ...twice.map(
      ({ file, document }) =>
        `${file.name}: ${flawText(error('stock', document.stock, 'a stock number that no other of these files has'))}`,
    ),
  ]
  const report: ImportReport = {
    done: false,
    added: [],
    renewed: [],
    households: [],
    errors,
    warnings: lines('warning'),
  }
  if ((errors.length && !keepGood) || good.length === 0) return report
  const kept = trailers.filter((one) => !twice.includes(one)).map(({ document }) => document)
  const households = good.filter((one) => !isTrailer(one)).map(({ document }) => document as Household)
  return inTransaction(async (transaction) => {
    const saved = await saveTrailers(kept, by, transaction)
    const ids = await addHouseholds(households, by, transaction)
    return { ...report, ...saved, done: true, households: households.map(({ name }, i) => ({ id: ids[i]!, name })) }
  })
}

function isTrailer(one: { file: ImportFile; document: AnyDocument }): one is { file: ImportFile; document: Trailer } {
  return one.document.format === TRAILER_FORMAT
}

const sameStock = (a: Trailer, b: Trailer): boolean => a.stock.toLowerCase() === b.stock.toLowerCase()

/**
 * One file, whatever stands in it: what its reader did not expect is a flaw of that file, and costs no other
 * its answer.
 */
function parsed({ name, text }: ImportFile): Parsed<AnyDocument> {
  try {
    return name.toLowerCase().endsWith('.svg') ? parsePlanSvg(text) : parseAny(text)
  } catch {
    return { flaws: [error('', text.slice(0, 40), 'a file that can be read; this one cannot')] }
  }
}
