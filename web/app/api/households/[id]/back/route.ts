import { handler } from '../../../../../server/http/handler'
import { putHouseholdBack } from '../../../../../server/services/households'

/** Puts a household back that whoever asks took out a moment ago. */
export const POST = handler<{ id: string }>('see families', ({ params: { id }, account }) =>
  putHouseholdBack(id, account),
)
