import { accountByEmail, removeAccount } from '../db/people/accounts'
import { disconnect } from '../db/database'
import { stop } from './askPassword'
import './ready'

/** removePerson EMAIL: they sign in no more, and are out at once. What they wrote stays. */
const [email] = process.argv.slice(2)
if (!email) stop('Say who: removePerson EMAIL')
const found = await accountByEmail(email)
if (!found) stop(`No account has the email ${email}.`)
await removeAccount(found.account.id)
console.log(`${found.account.name} may not sign in any more.`)
await disconnect()
