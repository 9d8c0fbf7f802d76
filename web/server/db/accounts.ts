import { v7 as uuid } from 'uuid'
import { inTransaction } from './database'
import { models, type AccountRow } from './models'

export const ROLES = ['consultant', 'manager'] as const
export type Role = (typeof ROLES)[number]

/** Someone of the dealership who signs in. */
export interface Account {
  id: string
  name: string
  email: string
  role: Role
}

/**
 * One spelling for each address: an accent makes another address, how it was typed does not. The column
 * compares bytes.
 */
export const normalEmail = (email: string): string => email.trim().normalize('NFKC').toLowerCase()

export async function accountById(id: string): Promise<Account | undefined> {
  const row = await models().AccountRow.findByPk(id)
  return row ? account(row) : undefined
}

export async function accountByEmail(email: string): Promise<{ account: Account; passwordHash: string } | undefined> {
  const row = await models().AccountRow.findOne({ where: { email: normalEmail(email) } })
  return row ? { account: account(row), passwordHash: row.passwordHash } : undefined
}

export async function addAccount({
  name,
  email,
  role,
  passwordHash,
}: Omit<Account, 'id'> & { passwordHash: string }): Promise<Account> {
  return inTransaction(async (transaction) =>
    account(
      await models().AccountRow.create(
        { id: uuid(), name, email: normalEmail(email), role, passwordHash },
        { transaction },
      ),
    ),
  )
}

const account = ({ id, name, email, role }: AccountRow): Account => ({ id, name, email, role: role as Role })
