import { hashPassword } from '../auth/password'
import { accountByEmail, setPasswordHash } from '../db/people/accounts'
import { disconnect } from '../db/database'
import { endSessionsOf } from '../db/people/sessions'
import { askPassword, stop } from './askPassword'
import './ready'

/** changePassword EMAIL: a new password, asked for or read from a pipe. Whoever is signed in under the old one is not any more. */
const [email] = process.argv.slice(2)
if (!email) stop('Say whose: changePassword EMAIL')
const found = await accountByEmail(email)
if (!found) stop(`No account has the email ${email}.`)
const { id, name } = found.account
await setPasswordHash(id, await hashPassword(await askPassword(name)))
await endSessionsOf(id)
console.log(`${name} has a new password, and is signed out wherever they were.`)
await disconnect()
