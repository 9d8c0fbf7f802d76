import { documentText } from '@hitchet/core/formats/document'
import { householdById } from '../../../../../server/services/households'
import { handler } from '../../../../../server/http/handler'
import { Refused } from '../../../../../server/refused'
import { fileResponse } from '../../../../../server/services/files'

/** A household as `household.json`. */
export const GET = handler<{ id: string }>('see families', async ({ params: { id } }) => {
  const kept = await householdById(id)
  if (!kept) throw new Refused('No household of that number.', [], 404)
  return fileResponse(kept.household.name, documentText(kept.household))
})
