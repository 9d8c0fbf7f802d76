import type { Contact } from '@hitchet/core/household/contact'
import { isSavedAlready, StaleSave } from './conflict'
import { inTransaction } from './database'
import { holdHousehold } from './householdIds'
import { fromColumn, models } from './models'

export interface KeptContact {
  version: number
  contact: Contact
}

/** How a household is reached; version 0: nobody noted it. */
export async function contactOf(householdId: string): Promise<KeptContact> {
  const row = await models().ContactRow.findByPk(householdId)
  return row ? { version: row.version, contact: fromColumn<Contact>(row.document) } : { version: 0, contact: {} }
}

/** @throws Gone, StaleSave when somebody else saved since `version`. */
export async function saveContact(
  householdId: string,
  version: number,
  contact: Contact,
  by: string,
): Promise<KeptContact> {
  return inTransaction(async (transaction) => {
    await holdHousehold(householdId, transaction)
    const { ContactRow } = models()
    const row = await ContactRow.findByPk(householdId, { transaction, lock: true })
    if (row && isSavedAlready(row, { version, by, document: contact })) return { version: row.version, contact }
    if ((row?.version ?? 0) !== version)
      throw new StaleSave(row ? fromColumn(row.document) : {}, row?.version ?? 0, row?.updatedBy === by)
    if (row) await row.update({ document: contact, version: version + 1, updatedBy: by }, { transaction })
    else await ContactRow.create({ householdId, document: contact, updatedBy: by }, { transaction })
    return { version: version + 1, contact }
  })
}
