import { parseAny, type AnyDocument, type Parsed } from '@hitchet/core/formats/document'
import { parsePlanSvg } from '@hitchet/core/formats/planSvg'
import { flawWords } from '@hitchet/core/formats/placeWords'
import { error, type Flaw } from '@hitchet/core/flaws/flaw'
import type { ImportFile } from '../../contracts/importing'

/** What stands in a file: a document, or why not. Each line names the file. */
export interface ReadFile {
  name: string
  document?: AnyDocument
  errors: string[]
  warnings: string[]
}

/** Some files, each read and held against its schema. */
export function readFiles({ files }: { files: readonly ImportFile[] }): ReadFile[] {
  return files.map((file) => {
    const { document, flaws } = parsed(file)
    const lines = (severity: Flaw['severity']) =>
      flaws.filter((flaw) => flaw.severity === severity).map((flaw) => `${file.name}: ${inWords(flaw, file)}`)
    return { name: file.name, document, errors: lines('error'), warnings: lines('warning') }
  })
}

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

/** A flaw in the words of whoever drops a file on a screen: the thing by its name, neither path nor JSON. */
function inWords(flaw: Flaw, { text }: ImportFile): string {
  try {
    return flawWords(flaw, JSON.parse(text))
  } catch {
    return flawWords(flaw, undefined)
  }
}
