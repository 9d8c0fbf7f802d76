import { object, string } from 'yup'
import { signIn } from '../../../server/auth/session'
import { openHandler } from '../../../server/http/handler'
import { checkSignIn, type Shown } from '../../../server/services/people/signIn'

const body = object({
  email: string().max(190).required(),
  password: string().max(1000).required(),
  code: string().max(20),
})

export const POST = openHandler<Shown>(
  async (shown, address) => {
    const account = await checkSignIn(shown, address)
    if (account === 'code') return { asks: 'code' }
    await signIn(account, address)
    return { account: account.id }
  },
  { body: body as never, most: 8_000 },
)
