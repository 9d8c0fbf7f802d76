import { parseHousehold } from '@hitchet/core/formats/document'
import { anyDocument, handler } from '../../../server/http/handler'
import { Refused } from '../../../server/refused'
import { BESIDE, besideTyped } from '../../../server/services/yardBeside'

/** More than anybody scrolls through beside an interview. */
const MOST = 480

/** How much of the yard is left for a household that is still being typed; nothing is saved. */
export const POST = handler(
  'see families',
  async ({ body, query }) => {
    const { document } = parseHousehold(body)
    if (!document) throw new Refused('The household is not complete yet.')
    const most = Number(query.get('most'))
    return besideTyped(document, Number.isInteger(most) && most > 0 ? Math.min(most, MOST) : BESIDE)
  },
  { body: anyDocument },
)
