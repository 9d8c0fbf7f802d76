import { v7 as uuid } from 'uuid'
import { inTransaction } from './database'
import { models, type AccountRow } from './models'

export const ROLES = ['lot hand', 'consultant', 'manager'] as const
export type Role = (typeof ROLES)[number]

/** Someone of the dealership who signs in. */
export interface Account {
  id: string
  name: string
  email: string
  role: Role
  /** Of who is signed in: until when, at the latest. */
  signedInUntil?: Date
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

export async function accountByEmail(email: string): Promise<{ account: Account; passwordHash: string } | undefined> {
  const row = await models().AccountRow.findOne({ where: { email: normalEmail(email) } })
  return row ? { account: accountOf(row), passwordHash: row.passwordHash } : undefined
}

export async function addAccount({
  name,
  email,
  role,
  passwordHash,
}: Omit<Account, 'id'> & { passwordHash: string }): Promise<Account> {
  return inTransaction(async (transaction) =>
    accountOf(
      await models().AccountRow.create(
        { id: uuid(), name, email: normalEmail(email), role, passwordHash },
        { transaction },
      ),
    ),
  )
}

/** Everybody of the house, by name. */
export async function everybody(): Promise<Account[]> {
  const rows = await models().AccountRow.findAll({ order: [['name', 'ASC']] })
  return rows.map(accountOf)
}

/** Whether there was such a person. */
export const setPasswordHash = (id: string, passwordHash: string): Promise<boolean> =>
  inTransaction(async (transaction) => {
    const [changed] = await models().AccountRow.update({ passwordHash }, { where: { id }, transaction })
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
