import { parseHousehold } from '@hitchet/core/formats/document'
import { anyDocument, handler } from '../../../server/http/handler'
import { Refused } from '../../../server/refused'
import { nextFor } from '../../../server/services/matching'

/** What to ask a household that is still being typed; nothing is saved. */
export const POST = handler(
  'see families',
  async ({ body }) => {
    const { document } = parseHousehold(body)
    if (!document) throw new Refused('The household is not complete yet.')
    return { next: (await nextFor(document)) ?? null }
  },
  { body: anyDocument },
)
