import { boolean, object, string } from 'yup'
import { SOURCES, type Source } from '@hitchet/core/readings/reading'
import { handler } from '../../../../../server/http/handler'
import { today } from '../../../../../server/today'
import { takeReading, type TypedReading } from '../../../../../server/services/trailers'

const body = object({
  key: string().max(200).required(),
  text: string().max(200).defined(),
  source: string<Source>().oneOf(SOURCES).required(),
  confirmed: boolean(),
})

/** One more reading on a unit. */
export const POST = handler<{ stock: string }, TypedReading>(
  'work on the lot',
  ({ body: reading, account, params: { stock } }) => takeReading(stock, reading, account, today()),
  { body, most: 8_000 },
)
