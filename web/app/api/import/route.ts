import { boolean, object, string } from 'yup'
import { AGAIN, type Again, type ImportChoice, type ImportFile, type ImportNews } from '../../../contracts/importing'
import { linesOf } from '../../../contracts/lines'
import { Refused } from '../../../server/refused'
import { inForm, within } from '../../../server/http/body'
import { refusalIn } from '../../../server/http/failures'
import { handler } from '../../../server/http/handler'
import { importFiles } from '../../../server/services/importing'

const choice = object({ keepGood: boolean().required(), again: string<Again>().oneOf(AGAIN) })
const file = object({ name: string().max(200).required(), text: string().defined() })

/** A thousand units with room to spare, bytes and files. */
const MOST = 64_000_000
const FILES = 1_000

/**
 * Files of trailers and households into the yard, read while they come in: the choice on the first line, a file on each. Answers
 * line by line how far it is; the last line is the report, or why there is none. Whoever hangs up stops it.
 */
export const POST = handler('bring in files', async ({ request, account: { id } }) => {
  const sent = linesOf(within(request, MOST))
  const chosen: ImportChoice = inForm((await sent.next()).value ?? '', choice)
  const stopped = new AbortController()
  const stop = () => stopped.abort()
  request.signal.addEventListener('abort', stop)
  const news = new ReadableStream<Uint8Array>({
    start(out) {
      const say = (line: ImportNews) => {
        if (!stopped.signal.aborted) out.enqueue(new TextEncoder().encode(`${JSON.stringify(line)}\n`))
      }
      const done = importFiles(filesIn(sent), { ...chosen, by: id, onProgress: say, signal: stopped.signal })
      void done
        .then((report) => say({ report }))
        .catch((failure: unknown) => {
          if (!stopped.signal.aborted) say({ refusal: refusalIn(failure, 'POST /api/import') })
        })
        .finally(() => {
          if (!stopped.signal.aborted) out.close()
        })
    },
    cancel: stop,
  })
  return new Response(news, { headers: { 'content-type': 'application/x-ndjson', 'cache-control': 'no-store' } })
})

async function* filesIn(lines: AsyncIterable<string>): AsyncGenerator<ImportFile> {
  let read = 0
  for await (const line of lines) {
    // What is past the most is heard out: whoever sends hears why, not that the line was cut.
    if ((read += 1) <= FILES) yield inForm(line, file)
  }
  if (read > FILES) throw new Refused(`${read} files at once are too many. Import at most ${FILES} at a time.`, [], 413)
}
