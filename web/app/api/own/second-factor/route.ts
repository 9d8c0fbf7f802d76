import { toString as drawn } from 'qrcode'
import { object, string } from 'yup'
import { handler } from '../../../../server/http/handler'
import { beginSecondFactor, dropOwnSecondFactor, setUpSecondFactor } from '../../../../server/services/people/people'

const code = string().min(6).max(12).required()
const confirming = object({ sealed: string().max(1000).required(), code })
const dropping = object({ code })

/** A new secret, as a picture for a phone and as letters to type; it is kept once its first code has come. */
export const POST = handler('look after oneself', async ({ account }) => {
  const { uri, typed, sealed } = await beginSecondFactor(account)
  return { picture: await drawn(uri, { type: 'svg', margin: 2 }), typed, sealed }
})

export const PUT = handler<object, { sealed: string; code: string }>(
  'look after oneself',
  ({ body: { sealed, code }, account }) => setUpSecondFactor(sealed, code, account),
  { body: confirming, most: 4_000 },
)

export const DELETE = handler<object, { code: string }>(
  'look after oneself',
  ({ body: { code }, account }) => dropOwnSecondFactor(code, account),
  { body: dropping, most: 1_000 },
)
