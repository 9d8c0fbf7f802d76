import { signOut } from '../../../server/auth/session'
import { handler } from '../../../server/http/handler'

export const POST = handler('look after oneself', ({ account }) => signOut(account))
