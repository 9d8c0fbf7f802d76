import { documentText } from '@hitchet/core/formats/document'
import { guarded, refusal } from '../../../../../server/auth/guard'
import { householdById } from '../../../../../server/db/households'
import { fileResponse } from '../../../../../server/services/files'

/** A household as `household.json`. */
export const GET = guarded<{ params: Promise<{ id: string }> }>(async (_request, _account, { params }) => {
  const kept = await householdById((await params).id)
  return kept
    ? fileResponse(kept.household.name, documentText(kept.household))
    : refusal(404, 'No household of that number.')
})
