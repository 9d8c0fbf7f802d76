import { boolean, object, string } from 'yup'
import { ABSENT_KINDS, type AbsentKind } from '@hitchet/core/trailer/trailer'
import { handler } from '../../../../../server/http/handler'
import { noteThing } from '../../../../../server/services/trailers'

const body = object({ kind: string<AbsentKind>().oneOf(ABSENT_KINDS).required(), there: boolean().required() })

/** A kind of thing on a unit: it has one, or it has none. */
export const POST = handler<{ stock: string }, { kind: AbsentKind; there: boolean }>(
  ({ body: noted, account, params: { stock } }) =>
    noteThing(stock, noted, account, new Date().toISOString().slice(0, 10)),
  { body, most: 1_000 },
)
