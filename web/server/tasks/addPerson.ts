import { createInterface } from 'node:readline/promises'
import { hashPassword } from '../auth/password'
import { accountByEmail, addAccount, ROLES, type Role } from '../db/accounts'
import { disconnect } from '../db/database'

/** Shorter ones are guessed too soon. */
const SHORTEST = 12

/**
 * addPerson NAME EMAIL consultant|manager: someone of the dealership who may sign in. The password is asked
 * for, or read from a pipe.
 */
const [name, email, role] = process.argv.slice(2)
if (!name || !email?.includes('@') || !ROLES.includes(role as Role))
  stop(`Say who: addPerson NAME EMAIL ${ROLES.join('|')}`)
const lines = createInterface({ input: process.stdin, output: process.stdin.isTTY ? process.stdout : undefined })
const password = await lines.question(
  process.stdin.isTTY ? `Password for ${name}, ${SHORTEST} characters or more: ` : '',
)
lines.close()
if (password.length < SHORTEST) stop(`That password has ${password.length} characters; ${SHORTEST} or more are needed.`)
if (await accountByEmail(email!)) stop(`Somebody with the email ${email} is there already.`)
await addAccount({ name: name!, email: email!, role: role as Role, passwordHash: await hashPassword(password) })
console.log(`${name} may sign in as ${role}.`)
await disconnect()

function stop(says: string): never {
  console.error(says)
  process.exit(1)
}
