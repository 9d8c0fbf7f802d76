import { object, string } from 'yup'
import { SOURCES, type Source } from '@hitchet/core/readings/reading'
import { handler } from '../../../../../server/http/handler'
import { takeReading } from '../../../../../server/services/trailers'

const body = object({
  key: string().max(200).required(),
  text: string().max(200).defined(),
  source: string<Source>().oneOf(SOURCES).required(),
})

/** One more reading on a unit. */
export const POST = handler<{ stock: string }, { key: string; text: string; source: Source }>(
  ({ body: reading, account, params: { stock } }) =>
    takeReading(stock, reading, account, new Date().toISOString().slice(0, 10)),
  { body, most: 8_000 },
)
