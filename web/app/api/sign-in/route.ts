import { object, string } from 'yup'
import { signIn } from '../../../server/auth/session'
import { openHandler } from '../../../server/http/handler'
import { checkSignIn } from '../../../server/services/signIn'

const body = object({ email: string().max(190).required(), password: string().max(1000).required() })

export const POST = openHandler(
  async ({ email, password }, address) => {
    const account = await checkSignIn(email, password, address)
    await signIn(account, address)
    return { account: account.id }
  },
  { body, most: 8_000 },
)
