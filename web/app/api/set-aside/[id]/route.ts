import { eraseQuarantined, quarantinedDocument } from '../../../../server/services/households'
import { handler } from '../../../../server/http/handler'
import { Refused } from '../../../../server/refused'
import { fileResponse } from '../../../../server/services/files'

/** A record that could not be read, as it stood. */
export const GET = handler<{ id: string }>('run the office', async ({ params: { id } }) => {
  const found = await quarantinedDocument(id)
  if (!found) throw new Refused('No record of that number.', [], 404)
  return fileResponse(found.name, found.document)
})

/** Erases it for good, with all that is kept of a household. */
export const DELETE = handler<{ id: string }>('run the office', async ({ params: { id } }) => {
  if (!(await eraseQuarantined(id))) throw new Refused('No record of that number.', [], 404)
})
