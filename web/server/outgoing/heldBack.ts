import { inTransaction } from '../db/database'
import { holdHousehold } from '../db/householdIds'
import { models } from '../db/models'
import type { Outgoing } from './outgoing'

/** The stand-in that ships: nothing leaves the house. What would have gone out is kept, to be read in the outbox. */
export const heldBack: Outgoing = {
  async send(message) {
    await inTransaction(async (transaction) => {
      if ('householdId' in message) await holdHousehold(message.householdId, transaction)
      const row = { householdId: null, page: null, ...message }
      await models().OutgoingRow.bulkCreate([row], { transaction, ignoreDuplicates: true })
    })
    return { says: 'Kept in the outbox: this installation has no mail or text service, so nothing was sent.' }
  },
}
