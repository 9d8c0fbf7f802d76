import { hashPassword } from '../auth/password'
import { accountByEmail, addAccount, ROLES, type Role } from '../db/people/accounts'
import { disconnect } from '../db/database'
import { askPassword, stop } from './askPassword'
import './ready'

/**
 * addPerson NAME EMAIL ROLE: someone of the dealership who may sign in. The password is asked for, or read from a pipe.
 */
const [name, email, role] = process.argv.slice(2)
if (!name || !email?.includes('@') || !ROLES.includes(role as Role))
  stop(`Say who: addPerson NAME EMAIL ${ROLES.map((one) => (one.includes(' ') ? `"${one}"` : one)).join('|')}`)
const password = await askPassword(name)
if (await accountByEmail(email)) stop(`${email} already has an account.`)
await addAccount({ name, email, role: role as Role, passwordHash: await hashPassword(password) })
console.log(`${name} may sign in as ${role}.`)
await disconnect()
