import { handler } from '../../../../../server/http/handler'
import { sendOut } from '../../../../../server/services/people/people'

/** Somebody is signed out wherever they are. */
export const DELETE = handler<{ id: string }>('run the office', ({ params: { id }, account }) => sendOut(id, account))
