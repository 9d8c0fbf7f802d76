import { endSessionsOf } from '../../../../../server/db/sessions'
import { handler } from '../../../../../server/http/handler'

/** Somebody is signed out wherever they are. */
export const DELETE = handler<{ id: string }>('run the office', async ({ params: { id } }) => {
  await endSessionsOf(id)
})
