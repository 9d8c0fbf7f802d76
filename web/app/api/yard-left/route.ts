import { parseHousehold } from '@hitchet/core/formats/document'
import { guarded, refusal } from '../../../server/auth/guard'
import { yardLeft } from '../../../server/services/matching'

/** How much of the yard is left for a household that is still being typed; nothing is saved. */
export const POST = guarded(async (request) => {
  const { document } = parseHousehold(await request.json().catch(() => undefined))
  return document ? Response.json(await yardLeft(document)) : refusal(422, 'The household is not complete yet.')
})
