import { randomUUID } from 'node:crypto'
import { linkToken, idOfLink } from '../../auth/linkToken'
import { hashPassword, passwordMatches } from '../../auth/password'
import { flawOfPassword } from '../../auth/passwordRules'
import { confirmedSecret, newSecret, stepOfCode } from '../../auth/secondFactor'
import {
  accountByEmail,
  accountById,
  addAccountIn,
  changeRole,
  keysOfAccount,
  removeAccount,
  setPasswordHashIn,
  setSecondFactor,
  takeCodeOfStep,
  type Account,
  type Role,
} from '../../db/people/accounts'
import { inTransaction } from '../../db/database'
import { noteEvent } from '../../db/people/houseEvents'
import type { SecondFactorOf } from '../../../contracts/secondFactor'
import { askSecondFactorOf, isAskedOf, secondFactorOf } from '../../db/people/houseSettings'
import { accountOfLink, addOneTimeLink, takeOneTimeLink } from '../../db/people/oneTimeLinks'
import { endSessionsOf } from '../../db/people/sessions'
import { heldBack } from '../../outgoing/heldBack'
import type { Outgoing } from '../../outgoing/outgoing'
import { Refused } from '../../refused'
import { settings } from '../../settings'
import { countedTry } from './ownTries'

/** Read as they are stored. */
export { accountByEmail, keysOfAccount } from '../../db/people/accounts'

/** So long a link for a password works, hours: who is new may be away for some days. */
const LASTS = { invited: 7 * 24, anew: 24 }

/** The real one, where there is one, stands here. */
const outgoing: Outgoing = heldBack

const NOBODY = 'This person no longer has an account.'

/** Somebody new of the house, with a link by which they choose their password. @throws Refused. */
export async function invite(
  { name, email, role }: { name: string; email: string; role: Role },
  by: Account,
): Promise<{ says: string }> {
  if (await accountByEmail(email)) throw new Refused(`${email} already has an account.`, [], 409)
  // A password that nobody knows: nobody signs in before they have chosen one.
  const passwordHash = await hashPassword(randomUUID() + randomUUID())
  const { account, link } = await inTransaction(async (transaction) => {
    const account = await addAccountIn({ name, email, role, passwordHash }, transaction)
    return { account, link: await addOneTimeLink(account.id, { hours: LASTS.invited, by: by.id }, transaction) }
  })
  await noteEvent({ kind: 'invited', about: name, by: by.name, detail: role })
  return sendLink(
    account,
    link,
    by,
    'You may sign in to Hitchet now. Choose your password here; the link works for a week, once:',
  )
}

/** A link for somebody who has forgotten their password. The old one works until they have chosen another. @throws Refused. */
export async function sendPasswordLink(id: string, by: Account): Promise<{ says: string }> {
  const account = await accountById(id)
  if (!account) throw new Refused(NOBODY, [], 404)
  const link = await inTransaction((transaction) => addOneTimeLink(id, { hours: LASTS.anew, by: by.id }, transaction))
  await noteEvent({ kind: 'link for a new password', about: account.name, by: by.name })
  return sendLink(account, link, by, 'Choose a new password here; the link works for a day, once:')
}

const sendLink = (account: Account, link: string, by: Account, words: string): Promise<{ says: string }> =>
  outgoing.send({
    id: randomUUID(),
    oneTimeLink: link,
    channel: 'email',
    recipient: account.email,
    subject: 'Your password for Hitchet',
    words: [`${account.name},`, words, '{link}', [by.name, settings().dealership].filter(Boolean).join(', ')].join(
      '\n\n',
    ),
    madeBy: by.id,
  })

/** The path of a link by which somebody chooses a password. */
export const passwordPath = (link: string): string => `/welcome/${linkToken(link, 'password')}`

/** Whose a link is, while it works; nobody learns why one does not. */
export async function behindPasswordLink(token: string): Promise<Account | undefined> {
  const id = idOfLink(token, 'password')
  return id ? accountOfLink(id) : undefined
}

/** The password that somebody chose by their link; wherever they were signed in, they are not any more. @throws Refused. */
export async function choosePassword(token: string, password: string): Promise<void> {
  const id = idOfLink(token, 'password')
  const account = id && (await accountOfLink(id))
  if (!account) throw new Refused('This link does not work any more. Ask your manager for another.', [], 404)
  mustBeGood(password, account)
  const passwordHash = await hashPassword(password)
  const isUsed = await inTransaction(
    async (transaction) =>
      (await takeOneTimeLink(id, transaction)) && setPasswordHashIn(account.id, passwordHash, transaction),
  )
  if (!isUsed) throw new Refused('This link does not work any more. Ask your manager for another.', [], 404)
  await endSessionsOf(account.id)
  await noteEvent({ kind: 'new password', about: account.name, detail: 'by a link' })
}

/** One's own password, changed by who knows the old one; one's other sessions end. @throws Refused. */
export async function changeOwnPassword(
  { current, next }: { current: string; next: string },
  account: Account,
  session: string,
): Promise<void> {
  const keys = await keysOfAccount(account.id)
  await countedTry(account.id)
  if (!(await passwordMatches(keys?.passwordHash, current)))
    throw new Refused('That is not your password as it is now. Nothing was changed.', [], 422)
  mustBeGood(next, account)
  const passwordHash = await hashPassword(next)
  await inTransaction((transaction) => setPasswordHashIn(account.id, passwordHash, transaction))
  await endSessionsOf(account.id, { but: session })
  await noteEvent({ kind: 'new password', about: account.name })
}

function mustBeGood(password: string, { name, email }: Account): void {
  const flaw = flawOfPassword(password, [name, email, settings().dealership])
  if (flaw) throw new Refused(flaw, [], 422)
}

/** @throws Refused where nobody of that number is here, or it is oneself. */
export async function giveRole(id: string, role: Role, by: Account): Promise<void> {
  if (id === by.id) throw new Refused('You can’t change your own role. Ask another manager.')
  const account = await accountById(id)
  if (!account) throw new Refused(NOBODY, [], 404)
  if (!(await changeRole(id, role))) return
  await noteEvent({ kind: 'role changed', about: account.name, by: by.name, detail: `${account.role} to ${role}` })
}

/** Somebody leaves the house: they sign in no more. What they wrote stays. @throws Refused. */
export async function remove(id: string, by: Account): Promise<void> {
  if (id === by.id) throw new Refused('You can’t remove yourself. Ask another manager.')
  const account = await accountById(id)
  if (!account || !(await removeAccount(id))) throw new Refused(NOBODY, [], 404)
  await noteEvent({ kind: 'removed', about: account.name, by: by.name, detail: account.role })
}

/** Somebody is signed out wherever they are. @throws Refused. */
export async function sendOut(id: string, by: Account): Promise<void> {
  const account = await accountById(id)
  if (!account) throw new Refused(NOBODY, [], 404)
  await endSessionsOf(id)
  await noteEvent({ kind: 'sent out', about: account.name, by: by.name })
}

/** A second factor to be set up: nothing is kept before its first code is typed. */
export const beginSecondFactor = (account: Account) => newSecret(account)

/** @throws Refused when the code is not of it. */
export async function setUpSecondFactor(sealed: string, code: string, account: Account): Promise<void> {
  await countedTry(account.id)
  const confirmed = await confirmedSecret(account, sealed, code)
  if (!confirmed) throw new Refused('That code is not of this picture. Wait for the next one, or begin anew.', [], 422)
  await setSecondFactor(account.id, confirmed.kept, confirmed.step)
  await noteEvent({ kind: 'second factor on', about: account.name })
}

/** One's own second factor put away, by a code of it. @throws Refused where the house asks for one, or the code is wrong. */
export async function dropOwnSecondFactor(code: string, account: Account): Promise<void> {
  if (isAskedOf(await secondFactorOf(), account.role))
    throw new Refused('The house asks a second factor of you: it cannot be turned off here.', [], 409)
  const keys = await keysOfAccount(account.id)
  await countedTry(account.id)
  if (keys?.secondFactor && !(await isRightCode(account.id, keys.secondFactor, code)))
    throw new Refused('That code is not right. Nothing was changed.', [], 422)
  await setSecondFactor(account.id, null)
  await noteEvent({ kind: 'second factor off', about: account.name })
}

/** For who has lost their phone. @throws Refused. */
export async function dropSecondFactor(id: string, by: Account): Promise<void> {
  const account = await accountById(id)
  if (!account || !(await setSecondFactor(id, null))) throw new Refused(NOBODY, [], 404)
  await endSessionsOf(id)
  await noteEvent({ kind: 'second factor off', about: account.name, by: by.name })
}

export async function requireSecondFactor(of: SecondFactorOf, by: Account): Promise<void> {
  if (of === (await secondFactorOf())) return
  await askSecondFactorOf(of)
  await noteEvent({ kind: 'second factor asked of', by: by.name, detail: of })
}

/** Whether a code is right now, and was not used before. */
export async function isRightCode(account: string, secondFactor: string, code: string): Promise<boolean> {
  const step = await stepOfCode(account, secondFactor, code)
  return step !== undefined && takeCodeOfStep(account, step)
}
