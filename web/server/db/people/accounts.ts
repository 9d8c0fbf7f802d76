import { Op, type Transaction } from 'sequelize'
import { v7 as uuid } from 'uuid'
import { ROLES, type Role } from '../../../contracts/roles'
import { inTransaction } from '../database'
import { models, type AccountRow } from '../models'

export { ROLES, type Role }

/** Someone of the dealership who signs in. */
export interface Account {
  id: string
  name: string
  email: string
  role: Role
  /** Of who is signed in: until when, at the latest. */
  signedInUntil?: Date
  /** Of who is signed in: the house asks a second factor of them that they have not set up yet. */
  mustSetUp?: boolean
}

/**
 * One spelling for each address: an accent makes another address, how it was typed does not. The column
 * compares bytes.
 */
export const normalEmail = (email: string): string => email.trim().normalize('NFKC').toLowerCase()

export async function accountById(id: string): Promise<Account | undefined> {
  const row = await models().AccountRow.findByPk(id)
  return row ? accountOf(row) : undefined
}

/** What somebody is let in by. */
export interface Keys {
  account: Account
  passwordHash: string
  /** Sealed (`auth/secondFactor.ts`). */
  secondFactor?: string
}

export async function accountByEmail(email: string): Promise<Keys | undefined> {
  return keysOf(await models().AccountRow.findOne({ where: { email: normalEmail(email) } }))
}

export async function keysOfAccount(id: string): Promise<Keys | undefined> {
  return keysOf(await models().AccountRow.findByPk(id))
}

const keysOf = (row: AccountRow | null): Keys | undefined =>
  row
    ? {
        account: accountOf(row),
        passwordHash: row.passwordHash,
        ...(row.secondFactor && { secondFactor: row.secondFactor }),
      }
    : undefined

type NewAccount = Pick<Account, 'name' | 'email' | 'role'> & { passwordHash: string }

export const addAccount = (given: NewAccount): Promise<Account> =>
  inTransaction((transaction) => addAccountIn(given, transaction))

export async function addAccountIn(given: NewAccount, transaction: Transaction): Promise<Account> {
  const { name, email, role, passwordHash } = given
  return accountOf(
    await models().AccountRow.create(
      { id: uuid(), name, email: normalEmail(email), role, passwordHash },
      { transaction },
    ),
  )
}

/** Everybody of the house, by name, and who has a second factor. */
export async function everybody(): Promise<(Account & { hasSecondFactor: boolean })[]> {
  const rows = await models().AccountRow.findAll({ order: [['name', 'ASC']] })
  return rows.map((row) => ({ ...accountOf(row), hasSecondFactor: row.secondFactor !== null }))
}

/** Whether there was such a person. */
export const setPasswordHash = (id: string, passwordHash: string): Promise<boolean> =>
  inTransaction((transaction) => setPasswordHashIn(id, passwordHash, transaction))

export async function setPasswordHashIn(id: string, passwordHash: string, transaction: Transaction): Promise<boolean> {
  const [changed] = await models().AccountRow.update({ passwordHash }, { where: { id }, transaction })
  return changed === 1
}

/** Whether there was such a person, of another role until now. */
export const changeRole = (id: string, role: Role): Promise<boolean> =>
  inTransaction(async (transaction) => {
    const [changed] = await models().AccountRow.update(
      { role },
      { where: { id, role: { [Op.ne]: role } }, transaction },
    )
    return changed === 1
  })

/** The second factor of somebody, sealed, or none; `step`: of the code that confirmed it. */
export const setSecondFactor = (id: string, secondFactor: string | null, step?: number): Promise<boolean> =>
  inTransaction(async (transaction) => {
    const [changed] = await models().AccountRow.update(
      { secondFactor, secondFactorStep: step ?? null },
      { where: { id }, transaction },
    )
    return changed === 1
  })

/** A code lets somebody in once: whether it had not yet, nor a later one. */
export const takeCodeOfStep = (id: string, step: number): Promise<boolean> =>
  inTransaction(async (transaction) => {
    const [changed] = await models().AccountRow.update(
      { secondFactorStep: step },
      {
        where: { id, [Op.or]: [{ secondFactorStep: null }, { secondFactorStep: { [Op.lt]: step } }] },
        transaction,
      },
    )
    return changed === 1
  })

/** Whether there was such a person; their sessions go with them, what they wrote stays. */
export const removeAccount = (id: string): Promise<boolean> =>
  inTransaction(async (transaction) => (await models().AccountRow.destroy({ where: { id }, transaction })) === 1)

export const accountOf = ({ id, name, email, role }: Pick<AccountRow, 'id' | 'name' | 'email' | 'role'>): Account => ({
  id,
  name,
  email,
  role: role as Role,
})
