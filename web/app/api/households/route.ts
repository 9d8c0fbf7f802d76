import { anyDocument, handler } from '../../../server/http/handler'
import { startHousehold } from '../../../server/services/households'

export const POST = handler(({ body, account }) => startHousehold(body, account.id), { body: anyDocument })
