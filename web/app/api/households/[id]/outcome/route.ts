import { mixed, object } from 'yup'
import { handler } from '../../../../../server/http/handler'
import { noteOutcome } from '../../../../../server/services/afterwards'

const body = object({ outcome: mixed<NonNullable<unknown>>().nullable().defined() })

/** How it ended with a household; null: it goes on after all. */
export const PUT = handler<{ id: string }, { outcome: unknown }>(
  'see families',
  ({ body: { outcome }, params: { id } }) => noteOutcome(id, outcome),
  { body: body as never, most: 4_000 },
)
