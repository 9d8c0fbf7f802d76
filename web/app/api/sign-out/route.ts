import { signOut } from '../../../server/auth/session'
import { handler } from '../../../server/http/handler'

export const POST = handler('be here', async () => signOut())
