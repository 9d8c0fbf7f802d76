import { parseHousehold } from '@hitchet/core/formats/document'
import { anyDocument, handler } from '../../../server/http/handler'
import { Refused } from '../../../server/refused'
import { yardLeft } from '../../../server/services/matching'

/** How much of the yard is left for a household that is still being typed; nothing is saved. */
export const POST = handler(
  async ({ body }) => {
    const { document } = parseHousehold(body)
    if (!document) throw new Refused('The household is not complete yet.')
    return yardLeft(document)
  },
  { body: anyDocument },
)
