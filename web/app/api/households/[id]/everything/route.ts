import { everythingOf } from '../../../../../server/services/households'
import { handler } from '../../../../../server/http/handler'
import { Refused } from '../../../../../server/refused'
import { fileResponse } from '../../../../../server/services/files'

/** All that is kept of a household, for whoever asks for it. */
export const GET = handler<{ id: string }>('see families', async ({ params: { id } }) => {
  const all = await everythingOf(id)
  if (!all) throw new Refused('No household of that number.', [], 404)
  return fileResponse('all that is kept', JSON.stringify(all, null, 2))
})
