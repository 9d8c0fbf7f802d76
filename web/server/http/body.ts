import { ValidationError, type Schema } from 'yup'
import { Refused } from '../refused'

/** More than any household or unit takes, bytes. */
export const DOCUMENT_BYTES = 1_000_000

/**
 * The body of a request as JSON of the right form.
 * @throws Refused when it is larger than allowed (no more than that is read), no JSON, or of another form.
 */
export async function bodyOf<Body>(request: Request, schema: Schema<Body>, most: number): Promise<Body> {
  const text = await textWithin(request, most)
  try {
    return schema.validateSync(JSON.parse(text), { strict: true, abortEarly: false })
  } catch (failure) {
    if (failure instanceof ValidationError)
      throw new Refused('The request is not of the right form.', failure.errors, 400)
    throw new Refused('The request is no JSON.', [], 400)
  }
}

async function textWithin(request: Request, most: number): Promise<string> {
  const tooLarge = () =>
    new Refused(`The request is larger than ${Math.round(most / 1000).toLocaleString('en-US')} kB.`, [], 413)
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge()
  if (!request.body) return ''
  const parts: Uint8Array[] = []
  let size = 0
  const reader = request.body.getReader()
  for (;;) {
    const { done, value } = await reader.read()
    if (done) return Buffer.concat(parts).toString('utf8')
    size += value.byteLength
    if (size > most) {
      await reader.cancel()
      throw tooLarge()
    }
    parts.push(value)
  }
}
