import { ValidationError, type Schema } from 'yup'
import { brokenLetters } from '@hitchet/core/flaws/brokenLetters'
import { flawText } from '@hitchet/core/flaws/flaw'
import { Refused } from '../refused'

/** More than any household or unit takes, bytes. */
export const DOCUMENT_BYTES = 1_000_000

/**
 * The body of a request as JSON of the right form.
 * @throws Refused when it is larger than allowed (no more than that is read), no JSON, or of another form.
 */
export async function bodyOf<Body>(request: Request, schema: Schema<Body>, most: number): Promise<Body> {
  return inForm(await textWithin(request, most), schema)
}

/** A text as JSON of the right form. @throws Refused. */
export function inForm<Form>(text: string, schema: Schema<Form>): Form {
  const broken = brokenLetters(text)
  if (broken) throw new Refused('The request is not in UTF-8.', [flawText(broken)], 400)
  try {
    return schema.validateSync(JSON.parse(text), { strict: true, abortEarly: false })
  } catch (failure) {
    if (failure instanceof ValidationError)
      throw new Refused('The request is not of the right form.', failure.errors, 400)
    throw new Refused('The request is no JSON.', [], 400)
  }
}

const textWithin = async (request: Request, most: number): Promise<string> => new Response(within(request, most)).text()

/** What comes in, until it is too much: no more than that is read. */
export function within(request: Request, most: number): ReadableStream<Uint8Array> {
  const tooLarge = () =>
    new Refused(`The request is larger than ${Math.round(most / 1000).toLocaleString('en-US')} kB.`, [], 413)
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge()
  if (!request.body) return new Blob().stream()
  let size = 0
  return request.body.pipeThrough(
    new TransformStream<Uint8Array, Uint8Array>({
      transform(part, out) {
        size += part.byteLength
        if (size > most) throw tooLarge()
        out.enqueue(part)
      },
    }),
  )
}
