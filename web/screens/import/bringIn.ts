import {
  importLines,
  type ImportChoice,
  type ImportFile,
  type ImportNews,
  type ImportProgress,
  type ImportReport,
} from '../../contracts/importing'
import { linesOf } from '../../contracts/lines'
import { refusalFrom, refusalText } from '../request'

export type BroughtIn = { report: ImportReport } | { trouble: string }

/** Sends files and hears how far the server is. Never throws: whoever stops it, or loses the connection, hears so. */
export async function bringIn(
  files: readonly ImportFile[],
  choice: ImportChoice,
  { signal, onProgress }: { signal: AbortSignal; onProgress(progress: ImportProgress): void },
): Promise<BroughtIn> {
  try {
    const answer = await fetch('/api/import', { method: 'POST', body: importLines(choice, files), signal })
    if (!answer.ok) return { trouble: refusalText(await refusalFrom(answer)) }
    for await (const line of linesOf(answer.body!)) {
      const news = JSON.parse(line) as ImportNews
      if ('report' in news) return news
      if ('refusal' in news) return { trouble: refusalText(news.refusal) }
      onProgress(news)
    }
  } catch {
    // What came of it is said below: nobody knows.
  }
  return { trouble: `${signal.aborted ? 'Stopped' : 'The connection was lost'} ${UNSURE}` }
}

/** It may have been through just then. */
const UNSURE =
  'before the end: either all of it went in or nothing. Bring the same files in again to be sure; what is in already stays as it is.'
