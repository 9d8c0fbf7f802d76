import { parseHousehold, parseTrailer } from '@hitchet/core/formats/document'
import { flawWords } from '@hitchet/core/formats/placeWords'
import { HOUSEHOLD_VERSION } from '@hitchet/core/household/household'
import { TRAILER_VERSION } from '@hitchet/core/trailer/trailer'
import { inTransaction } from '../db/database'
import { everyDocument, quarantine, renewDocument } from '../db/quarantined'

const KINDS = {
  unit: { parse: parseTrailer, version: TRAILER_VERSION },
  household: { parse: parseHousehold, version: HOUSEHOLD_VERSION },
} as const

/**
 * Every record that is kept, held against the schema before anything is served: those of an older program are brought to
 * today's form, and one that cannot be read is put aside, whole, where the office sees it; it breaks nothing else.
 */
export async function setAsideUnreadable(): Promise<{ renewed: number; setAside: number }> {
  const found = { renewed: 0, setAside: 0 }
  for (const kind of ['unit', 'household'] as const) {
    const { parse, version } = KINDS[kind]
    for await (const { id, document: text } of everyDocument(kind)) {
      const { document, flaws } = parse(text)
      if (document === undefined) {
        const [first] = flaws.filter(({ severity }) => severity === 'error')
        const why = first ? flawWords(first, plain(text)) : 'it cannot be read'
        await inTransaction((transaction) => quarantine(kind, id, why, transaction))
        found.setAside += 1
      } else if (versionOf(text) !== version) {
        await inTransaction((transaction) => renewDocument(kind, id, text, JSON.stringify(document), transaction))
        found.renewed += 1
      }
    }
  }
  return found
}

const plain = (text: string): unknown => {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return undefined
  }
}

const versionOf = (text: string): unknown => (plain(text) as { version?: unknown } | undefined)?.version
