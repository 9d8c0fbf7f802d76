import { object, string } from 'yup'
import { signIn } from '../../../../server/auth/session'
import { accountByEmail } from '../../../../server/services/people/people'
import { DEMO_PEOPLE } from '../../../../server/demoPeople'
import { openHandler } from '../../../../server/http/handler'
import { Refused } from '../../../../server/refused'
import { settings } from '../../../../server/settings'

const body = object({ email: string().max(190).required() })

/** One click for the made-up people; outside of demo mode this door does not exist. */
export const POST = openHandler(
  async ({ email }, address) => {
    const person = settings().demo && DEMO_PEOPLE.find((one) => one.email === email)
    const found = person && (await accountByEmail(person.email))
    if (!found) throw new Refused('There is nobody of that name here.', [], 404)
    await signIn(found.account, address)
    return { account: found.account.id }
  },
  { body, most: 8_000 },
)
