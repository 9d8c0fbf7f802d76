import { array, object } from 'yup'
import type { WalkEvent } from '@hitchet/core/walk/event'
import { walkEventSchema } from '@hitchet/core/walk/eventSchema'
import { AT_ONCE } from '../../../contracts/walkEvents'
import { mustSeeFamilies } from '../../../server/auth/access'
import { handler } from '../../../server/http/handler'
import { takeEvents } from '../../../server/services/walkEvents'

const body = object({ events: array(walkEventSchema.required()).min(1).max(AT_ONCE).required() })

/** What was noted along a walk, however long ago and however often sent: each is answered. */
export const POST = handler<object, { events: WalkEvent[] }>(
  'work on the lot',
  async ({ body: { events }, account }) => {
    if (events.some(({ household }) => household !== undefined)) mustSeeFamilies(account)
    return { outcomes: await takeEvents(events, account) }
  },
  { body: body as never, most: 200_000 },
)
