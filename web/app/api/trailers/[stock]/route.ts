import { number, object } from 'yup'
import { documentText } from '@hitchet/core/formats/document'
import { anyDocument, handler } from '../../../../server/http/handler'
import { fileResponse } from '../../../../server/services/files'
import { renewTrailer, trailerOf } from '../../../../server/services/trailers'

type Params = { stock: string }

const body = object({ version: number().integer().required(), trailer: anyDocument })

/** A unit as `trailer.json`. */
export const GET = handler<Params>('work on the lot', async ({ params: { stock } }) => {
  const trailer = await trailerOf(stock)
  return fileResponse(trailer.stock, documentText(trailer))
})

export const PUT = handler<Params, { version: number; trailer: unknown }>(
  'work on the lot',
  ({ body: { version, trailer }, account, params: { stock } }) => renewTrailer(stock, version, trailer, account),
  { body },
)
